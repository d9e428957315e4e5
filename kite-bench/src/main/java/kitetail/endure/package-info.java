/**
 * A shop under load for a while, with faults by a seeded plan; tells what was promised and kept.
 */
package kitetail.endure;
