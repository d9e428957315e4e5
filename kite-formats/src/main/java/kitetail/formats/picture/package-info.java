/**
 * Still pictures of a head, drawn with no browser. Front door: {@link
 * kitetail.formats.picture.HeadPicture}.
 */
package kitetail.formats.picture;
