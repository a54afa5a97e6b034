/** A class of several women: one sequence for all, and for each exercise how each of them does it. */
@NullMarked
package openbloom.core.classes;

import org.jspecify.annotations.NullMarked;
