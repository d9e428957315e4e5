/**
 * One cutting move worked out in three dimensions: the length it would leave at every place of its
 * section.
 *
 * <p>Lengths in mm from the skin along the hair. A move never knows what was there before; the
 * smaller of the two is taken by the plan. Front door: {@link kitetail.cut.Cut#leaves}.
 */
package kitetail.cut;
