/** The client card: a client with plans and visits. */
package kitetail.server.card;
