/** Work at the chair, written down as it happens by devices that may lose the network meanwhile. */
package kitetail.server.chair;
