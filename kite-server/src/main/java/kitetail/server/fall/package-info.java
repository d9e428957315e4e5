/** Hair as it falls: strands for the page, what is read of them, stills and files. */
package kitetail.server.fall;
