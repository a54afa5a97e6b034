/** Her program: aims, a block of weeks, and what has changed since it was made. */
@NullMarked
package openbloom.app.program;

import org.jspecify.annotations.NullMarked;
