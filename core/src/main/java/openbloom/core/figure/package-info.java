/** A body for every move, drawn from joint angles: poses as data, forward kinematics, outline. Lengths are shares of stature. */
@NullMarked
package openbloom.core.figure;

import org.jspecify.annotations.NullMarked;
