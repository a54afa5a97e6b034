/** A programme: goals, rhythm and a block of weeks with its sessions, checks due, and the pathways beside it. */
@NullMarked
package openbloom.core.program;

import org.jspecify.annotations.NullMarked;
