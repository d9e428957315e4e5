/**
 * What visits teach of a client and of the hand that cuts ({@link kitetail.learn.Learnt}): own
 * growth, pace, and how far the hand is off the plan.
 */
package kitetail.learn;
