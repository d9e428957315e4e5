/**
 * Clipper tapers: which guards, up to which heights, rocked off how, so that columns of hair come
 * out as wished. Front door: {@link kitetail.taper.Ladder}.
 */
package kitetail.taper;
