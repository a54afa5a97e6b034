/** The registry of published sources and the numbers taken from them. */
@NullMarked
package openbloom.core.evidence;

import org.jspecify.annotations.NullMarked;
