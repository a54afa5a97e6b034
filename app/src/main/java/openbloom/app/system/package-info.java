/** Security, the clock, forms and errors: what every feature shares. */
@NullMarked
package openbloom.app.system;

import org.jspecify.annotations.NullMarked;
