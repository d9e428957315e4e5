/**
 * The shop's tools and their care: what has to be done before one touches the next client ({@link
 * kitetail.kit.Care}).
 */
package kitetail.kit;
