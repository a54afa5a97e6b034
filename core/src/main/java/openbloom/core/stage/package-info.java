/** Births, recovery stages and the gates between them. */
@NullMarked
package openbloom.core.stage;

import org.jspecify.annotations.NullMarked;
