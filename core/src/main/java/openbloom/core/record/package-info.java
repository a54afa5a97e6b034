/** What is known of a woman: background, situation, what her clinician said, what she told, what was found, her choices. */
@NullMarked
package openbloom.core.record;

import org.jspecify.annotations.NullMarked;
