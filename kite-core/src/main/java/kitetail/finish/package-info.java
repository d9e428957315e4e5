/**
 * After the cut: how a plan's shape is dried and set, with what at which dampness ({@link
 * kitetail.finish.Finishing}).
 */
package kitetail.finish;
