/** What can go wrong, and the one place that words it as problem details. */
package kitetail.server.error;
