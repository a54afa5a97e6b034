/** Warning signs, conditions, symptoms and how hard she may work. */
@NullMarked
package openbloom.core.screening;

import org.jspecify.annotations.NullMarked;
