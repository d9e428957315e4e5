/** Appointments as iCalendar (RFC 5545). */
package kitetail.formats.calendar;
