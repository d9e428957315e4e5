/** What a client is offered, and how the stylist who offers it works. */
package kitetail.server.proposal;
