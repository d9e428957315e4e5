/**
 * What grows on the head: hair type and the lengths it starts with. Front door: {@link
 * kitetail.hair.StartingLengths}.
 */
package kitetail.hair;
