/**
 * From wishes to numbers, and on through the weeks: fits the knobs of a family to a client, ranks
 * families, mends what a check finds, sets a clipper taper's guards, tries a plan under the errors
 * that hands make, and follows a cut as it grows. Weeks are of seven days; lengths mm, dry and
 * straight. Where many plans are tried they are worked out at the named places only, which makes a
 * whole plan cost a tenth of a millisecond; runs under errors have a fixed seed. Front doors:
 * {@link kitetail.planning.Planner}, {@link kitetail.planning.Ranking}, {@link
 * kitetail.planning.Mending}, {@link kitetail.planning.Ladder}, {@link kitetail.planning.Risk},
 * {@link kitetail.planning.Outgrown}, {@link kitetail.planning.GrowOut}.
 */
package kitetail.planning;
