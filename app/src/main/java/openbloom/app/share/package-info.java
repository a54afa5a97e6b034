/** What she takes away: links to her own pages, hand-outs on paper, and a calendar that follows. */
@NullMarked
package openbloom.app.share;

import org.jspecify.annotations.NullMarked;
