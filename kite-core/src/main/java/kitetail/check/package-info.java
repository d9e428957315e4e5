/**
 * What a stylist should know before cutting and check after it: one rule a class, each with a
 * stable id, giving evidence and no words. Front door: {@link kitetail.check.Check}.
 */
package kitetail.check;
