/** The day's appointments. */
package kitetail.server.diary;
