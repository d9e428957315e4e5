package kitetail.server.client;

import java.time.OffsetDateTime;
import kitetail.formats.card.Contact;

/** A client of the shop and how they are reached. */
public record Client(
    long id, String name, String note, String phone, String email, OffsetDateTime createdAt) {
  public Contact contact() {
    return new Contact(name, phone, email, note);
  }
}
