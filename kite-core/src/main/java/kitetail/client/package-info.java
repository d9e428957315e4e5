/**
 * The client, but for head and hair: what is wanted, in the words a stylist asks it, and how far
 * today's hair is from it ({@link kitetail.client.Reading}); what to take care of before and while
 * cutting ({@link kitetail.client.Cautions}). The product says the usual cautions and never
 * diagnoses.
 */
package kitetail.client;
