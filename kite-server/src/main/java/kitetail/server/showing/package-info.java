/** A plan shown to its client on a screen of their own, without a sign-in. */
package kitetail.server.showing;
