/** Who did what, when and from which device. */
package kitetail.server.trail;
