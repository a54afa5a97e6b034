/** The invented studio of the demonstration. */
@NullMarked
package openbloom.app.demo;

import org.jspecify.annotations.NullMarked;
