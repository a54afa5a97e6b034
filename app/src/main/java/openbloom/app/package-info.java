/** Open Bloom as a web application. */
@NullMarked
package openbloom.app;

import org.jspecify.annotations.NullMarked;
