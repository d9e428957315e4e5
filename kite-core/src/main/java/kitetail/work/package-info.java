/** How long work may go on. */
package kitetail.work;
