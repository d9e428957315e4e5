/** Visits, the record of what was done. */
package kitetail.server.visit;
