/**
 * Fallen hair in open formats: glTF 2.0 (GLB), SVG, CSV (RFC 4180) and JSON. Front doors: {@link
 * kitetail.formats.look.FallGlb}, {@link kitetail.formats.look.LookSvg}, {@link
 * kitetail.formats.look.ProfileCsv}, {@link kitetail.formats.look.LookJson}.
 */
package kitetail.formats.look;
