/** Parts of the scalp that are cut as one. Front door: {@link kitetail.section.Section}. */
@NullMarked
package kitetail.section;

import org.jspecify.annotations.NullMarked;
