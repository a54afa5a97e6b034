/** The look back at a block: what was measured before and after, what each aim came to, what is proposed. */
@NullMarked
package openbloom.core.review;

import org.jspecify.annotations.NullMarked;
