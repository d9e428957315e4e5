/** How answers are sent that take a while. */
package kitetail.server.answer;
