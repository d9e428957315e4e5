/**
 * Work at the chair: what was done, written down as it happens ({@link kitetail.chair.Entry}), and
 * what stands after it ({@link kitetail.chair.Sitting}). Entries are only ever added; a device may
 * write them down while the network is gone and send them later, in its own order.
 */
package kitetail.chair;
