/**
 * The contract with the page and with anybody else who asks: an OpenAPI description made of the
 * doors and their records, complete enough to generate a client from. What a component of a record
 * says with {@link org.jspecify.annotations.Nullable} may be left out; all others are always there.
 * Front door: {@code GET /api/openapi}.
 */
package kitetail.server.contract;
