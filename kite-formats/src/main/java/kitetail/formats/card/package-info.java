/** Contacts in and out as vCard 3.0 and 4.0 (RFC 2426, RFC 6350), through ez-vcard. */
package kitetail.formats.card;
