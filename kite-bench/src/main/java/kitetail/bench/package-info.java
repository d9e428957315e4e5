/**
 * Speed, as ratios against a reference in the same run. Never a gate. Front door: {@link
 * kitetail.bench.Bench}.
 */
package kitetail.bench;
