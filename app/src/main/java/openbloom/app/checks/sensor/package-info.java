/** The sensor: recordings read, shown and taken over into a check. */
@NullMarked
package openbloom.app.checks.sensor;

import org.jspecify.annotations.NullMarked;
