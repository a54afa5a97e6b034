/** The pelvic floor: practice, history, and the bench that reads a sensor. */
@NullMarked
package openbloom.app.floor;

import org.jspecify.annotations.NullMarked;
