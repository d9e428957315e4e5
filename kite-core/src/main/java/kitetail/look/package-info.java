/**
 * What is seen of fallen hair: where ends land, what stands off, outlines from all sides, weight
 * and weight lines, skin showing. Evidence in mm, shares and places; words live elsewhere. Front
 * door: {@link kitetail.look.Look}.
 */
package kitetail.look;
