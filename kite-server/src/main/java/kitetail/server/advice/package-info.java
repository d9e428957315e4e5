/**
 * What the engine advises: fitted plans, ranked families, risk, mended plans, safe cuts, ladders.
 */
package kitetail.server.advice;
