/** The shop itself and the made-up demo. */
package kitetail.server.shop;
