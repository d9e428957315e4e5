package kitetail.server.fall;

import kitetail.plan.Plan;

/**
 * A plan set so that it looks the same longest: the last line of its answer.
 *
 * @param words what was done
 */
public record Longest(Plan document, String words) {}
