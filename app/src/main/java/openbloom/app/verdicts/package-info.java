/** The exercise check: what she may do, and why; how she is taught. */
@NullMarked
package openbloom.app.verdicts;

import org.jspecify.annotations.NullMarked;
