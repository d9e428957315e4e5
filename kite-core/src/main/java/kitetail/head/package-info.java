/**
 * The measured head: its skin, the places a stylist finds on it by hand, its hairline, and evenly
 * spread sites of hair.
 *
 * <p>Azimuth: seen from above about the vertical line through the apex, 0° at the front, positive
 * to the client's right, 180° at the back. Polar angle: from straight up. Front door: {@link
 * kitetail.head.Head#of}.
 */
package kitetail.head;
