/** What every part of the core shares: how a mistake in what somebody typed is told. */
@NullMarked
package openbloom.core;

import org.jspecify.annotations.NullMarked;
