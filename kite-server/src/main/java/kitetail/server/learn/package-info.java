/** What visits taught of a client, and how a visit came out against its plan. */
package kitetail.server.learn;
