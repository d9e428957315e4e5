/** The shop's tools and what was done to them. */
package kitetail.server.kit;
