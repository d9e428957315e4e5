/** How documents come in through doors, and how one is named instead of sent again. */
package kitetail.server.document;
