/** Small stills of heads, for lists and picks. */
package kitetail.server.picture;
