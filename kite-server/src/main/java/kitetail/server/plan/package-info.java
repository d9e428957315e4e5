/** Plans: kept, computed, drawn and printed. */
package kitetail.server.plan;
