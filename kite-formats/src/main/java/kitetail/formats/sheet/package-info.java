/** The cut sheet as PDF. Front door: {@link kitetail.formats.sheet.CutSheet}. */
package kitetail.formats.sheet;
