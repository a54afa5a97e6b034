/** Sessions: composed exactly for a public score, laid out in time, in several formats. */
@NullMarked
package openbloom.core.session;

import org.jspecify.annotations.NullMarked;
