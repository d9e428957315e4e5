/** A plan changed as a whole: its sections and its moves, with the reason when that is refused. */
@NullMarked
package kitetail.edit;

import org.jspecify.annotations.NullMarked;
