/** Women, their intake, visits and stage strip. */
@NullMarked
package openbloom.app.people;

import org.jspecify.annotations.NullMarked;
