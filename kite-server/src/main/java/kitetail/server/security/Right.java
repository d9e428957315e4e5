package kitetail.server.security;

/** What somebody of a shop may do. */
public enum Right {
  /** Look at clients, plans, the diary and the tools, and ask the engine. */
  SEE,
  /** Make, move and cancel appointments; who waits. */
  BOOK,
  /** Tools and their care. */
  CARE,
  /** Clients, sit-downs, plans, work at the chair, visits and photographs. */
  CUT,
  /** Opening hours and the shop's own shapes. */
  SHOP,
  /** Visits with their prices, the cards of all clients. */
  BOOKS,
  /** Hand over or erase all that is held on a client. */
  ERASE,
  /** Who works here, and as what. */
  PEOPLE,
  /** The whole shop as a file. */
  ARCHIVE
}
