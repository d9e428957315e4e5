/** The people of a shop: listed, let in, moved between roles and shut out. */
package kitetail.server.people;
