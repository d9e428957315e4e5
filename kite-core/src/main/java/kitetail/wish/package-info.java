/**
 * What the client wants, in the words a stylist asks it, and how far today's hair is from it. Front
 * door: {@link kitetail.wish.Reading}.
 */
package kitetail.wish;
