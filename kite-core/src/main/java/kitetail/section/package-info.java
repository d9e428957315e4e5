/** Parts of the scalp that are cut as one. Front door: {@link kitetail.section.Section}. */
package kitetail.section;
