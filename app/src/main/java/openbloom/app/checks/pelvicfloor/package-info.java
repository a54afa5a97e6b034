/** The pelvic floor: today’s practice, the pacer that counts it, and its history. */
@NullMarked
package openbloom.app.checks.pelvicfloor;

import org.jspecify.annotations.NullMarked;
