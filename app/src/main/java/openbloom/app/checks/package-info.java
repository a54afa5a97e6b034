/** Safe today, and the sheets of the check room: breath, connect, pelvic floor, load, sides and effort. */
@NullMarked
package openbloom.app.checks;

import org.jspecify.annotations.NullMarked;
