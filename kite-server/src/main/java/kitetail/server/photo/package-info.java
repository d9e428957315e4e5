/** Photographs of clients who agreed to them: made small, stripped of all but the picture. */
package kitetail.server.photo;
