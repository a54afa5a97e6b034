/** Where a studio is kept: looked at before it is opened, backed up, restored, encrypted. */
@NullMarked
package openbloom.app.store;

import org.jspecify.annotations.NullMarked;
