/** Who saw or changed what of whom, when and from where: only added to, and chained so that a change is found. */
@NullMarked
package openbloom.app.audit;

import org.jspecify.annotations.NullMarked;
