/**
 * A plan under the errors that hands make: run again and again with a fixed seed, and how far each
 * place strays. Front door: {@link kitetail.risk.Risk}.
 */
package kitetail.risk;
