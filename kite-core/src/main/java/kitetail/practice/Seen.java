package kitetail.practice;

/**
 * What a try showed of a hand.
 *
 * @param off how far from what was meant, in the skill's unit; above 0 is longer, farther, higher
 */
public record Seen(Skill skill, double off) {}
