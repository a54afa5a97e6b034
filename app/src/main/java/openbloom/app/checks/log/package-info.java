/** The log of checks: what is kept is never changed; a correction is a new version, and nothing found withdraws. */
@NullMarked
package openbloom.app.checks.log;

import org.jspecify.annotations.NullMarked;
