/**
 * The plan document and the result document as JSON. The JSON Schema holds every range once;
 * nothing here repeats one. Front door: {@link kitetail.formats.json.PlanJson}.
 */
package kitetail.formats.json;
