/** The engine on the command line, with no server. */
package kitetail.formats.cli;
