/** Session feedback: what a session showed, and where her ladders go from there. */
@NullMarked
package openbloom.app.feedback;

import org.jspecify.annotations.NullMarked;
