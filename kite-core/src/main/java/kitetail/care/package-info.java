/**
 * What to take care of before and while cutting: skin, consent, allergies. The product says the
 * usual cautions and never diagnoses. Front door: {@link kitetail.care.Cautions}.
 */
package kitetail.care;
