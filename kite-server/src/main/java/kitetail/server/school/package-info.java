/** A stylist's own way, set and weighed. */
package kitetail.server.school;
