/**
 * What the engine answers, as records that are written to JSON as they are: lengths in mm, every
 * number rounded so that the same plan gives the same bytes, every choice spelt as documents spell
 * it. The page's types are generated from these ({@code kite-web/openapi.json}); a component that
 * may be missing says so with {@link org.jspecify.annotations.Nullable}, all others are always
 * there. The front doors are {@link kitetail.formats.answer.PlanResult}, {@link
 * kitetail.formats.answer.LookResult} and the views of advice.
 */
package kitetail.formats.answer;
