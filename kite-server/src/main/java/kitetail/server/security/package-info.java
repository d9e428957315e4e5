/** Who is signed in. */
package kitetail.server.security;
