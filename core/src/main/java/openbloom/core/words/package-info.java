/** What was known when a rule spoke, as values, and the words that say it. */
@NullMarked
package openbloom.core.words;

import org.jspecify.annotations.NullMarked;
