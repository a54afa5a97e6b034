/** What is said to her, on her pages and on paper, in her language: no sentence of it stands in code or in a template. */
@NullMarked
package openbloom.app.language;

import org.jspecify.annotations.NullMarked;
