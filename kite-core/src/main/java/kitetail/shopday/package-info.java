/**
 * A cut as a day's work: what is written down while it is done ({@link kitetail.shopday.Entry},
 * only ever added, by devices that may be without the network) and what stands after it ({@link
 * kitetail.shopday.Sitting}); how it is dried and set ({@link kitetail.shopday.Finishing}); what
 * has to be done to a tool before it touches the next client ({@link kitetail.shopday.Care}); and
 * what visits teach of a client and of the hand that cuts ({@link kitetail.shopday.Learnt}).
 */
@NullMarked
package kitetail.shopday;

import org.jspecify.annotations.NullMarked;
