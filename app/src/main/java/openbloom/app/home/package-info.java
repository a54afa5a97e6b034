/** Her own pages: a link without an account, today’s few minutes, what she tells, and what the studio sees of it. */
@NullMarked
package openbloom.app.home;

import org.jspecify.annotations.NullMarked;
