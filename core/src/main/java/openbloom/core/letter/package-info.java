/** Letters to a woman’s clinician: drafted from her record, a sentence at a time, each with the day it rests on. */
@NullMarked
package openbloom.core.letter;

import org.jspecify.annotations.NullMarked;
