/** What leaves the shop and comes back: records, a client's own data, a year as one archive. */
package kitetail.server.records;
