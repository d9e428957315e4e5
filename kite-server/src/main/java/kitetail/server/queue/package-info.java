/** Whose turn it is when more is asked of the engine than the processors can work out at once. */
package kitetail.server.queue;
