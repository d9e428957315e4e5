/** What is done every so often by whichever of many servers is alive. */
package kitetail.server.round;
