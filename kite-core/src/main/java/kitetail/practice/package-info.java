/**
 * Drills for the hand: a head made up from a seed, what is to be done on it, and what a try left,
 * worked out by the engine that plans are worked out with; what tries teach of a hand.
 */
@NullMarked
package kitetail.practice;

import org.jspecify.annotations.NullMarked;
