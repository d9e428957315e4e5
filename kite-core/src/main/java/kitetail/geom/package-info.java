/**
 * Points, directions, implicit solids and taut lengths.
 *
 * <p>Frame: x to the client's right, y forward, z up, all in millimetres. Nothing here knows of
 * hair. Front door: {@link kitetail.geom.StarSurface}, a closed surface seen from one inner point.
 */
@NullMarked
package kitetail.geom;

import org.jspecify.annotations.NullMarked;
