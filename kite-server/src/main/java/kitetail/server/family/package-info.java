/** Shape families: those that ship and a shop's own. */
package kitetail.server.family;
