/** Classes of a studio: who is in them, who may take part today, their sheets, and teaching them. */
@NullMarked
package openbloom.app.classes;

import org.jspecify.annotations.NullMarked;
