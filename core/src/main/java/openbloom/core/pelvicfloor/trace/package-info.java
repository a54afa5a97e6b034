/** A sensor's trace: read sample by sample, its holds and flicks found and measured, and a simulated sensor. */
@NullMarked
package openbloom.core.pelvicfloor.trace;

import org.jspecify.annotations.NullMarked;
