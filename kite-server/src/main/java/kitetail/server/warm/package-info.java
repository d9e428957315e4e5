/** What a server just started does before its first guest. */
package kitetail.server.warm;
