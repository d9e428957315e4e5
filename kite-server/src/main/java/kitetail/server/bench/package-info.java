/** What the plan bench asks while a plan is changed: edits, remedies, the scalp map, coats. */
package kitetail.server.bench;
