/** Drills: heads made up for them, tries kept for each person, what they teach, courses. */
package kitetail.server.practice;
