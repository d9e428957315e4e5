/**
 * Fallen hair in open formats: glTF 2.0 (GLB), SVG and CSV (RFC 4180). Front doors: {@link
 * kitetail.formats.look.FallGlb}, {@link kitetail.formats.look.LookSvg}, {@link
 * kitetail.formats.look.ProfileCsv}.
 */
package kitetail.formats.look;
