/** Clients and their heads. */
package kitetail.server.client;
