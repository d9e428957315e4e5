/**
 * From wishes to numbers: fits the knobs of a family to a client, ranks families, mends the rest of
 * a plan after a slip, and says how much may safely come off next. Everything is worked out at the
 * named places only, which makes a whole plan cost a tenth of a millisecond. Front doors: {@link
 * kitetail.fit.Planner}, {@link kitetail.fit.Ranking}, {@link kitetail.fit.Replan}, {@link
 * kitetail.fit.NextCut}.
 */
package kitetail.fit;
