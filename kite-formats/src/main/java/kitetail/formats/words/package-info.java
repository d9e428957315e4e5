/**
 * Moves and findings in trade words, in the stylist's units. Front door: {@link
 * kitetail.formats.words.Words}.
 */
package kitetail.formats.words;
