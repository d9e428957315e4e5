package kitetail.server.contact;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import kitetail.formats.card.Contact;
import kitetail.formats.card.Contacts;
import kitetail.formats.card.KnownContacts;
import kitetail.plan.SitDown;
import kitetail.server.client.Client;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Clients in and out as vCards. */
@Component
class ContactBook {
  private static final int MOST = 2000;
  private static final int MAX_NAME = 120;
  private static final int MAX_PHONE = 60;
  private static final int MAX_EMAIL = 254;
  private static final int MAX_NOTE = 2000;

  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final Clock clock;

  ContactBook(ClientRepository clients, SitDownRepository sitDowns, Clock clock) {
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.clock = clock;
  }

  /**
   * A card read.
   *
   * @param sameAs name of the client, or of the earlier card, it is very likely the same as
   */
  record CardRow(String name, String phone, String email, String note, @Nullable String sameAs) {}

  record CardsRead(List<CardRow> cards, List<String> problems) {}

  record CardsText(String text) {}

  record CardsTaken(int added) {}

  /**
   * Reads cards; nothing is kept yet.
   *
   * @throws FieldException when there are too many
   */
  CardsRead read(long shopId, @Nullable String cards) {
    String text = cards == null ? "" : cards;
    fewEnough("$.text", Contacts.count(text));
    Contacts.Cards in = Contacts.read(text);
    KnownContacts known = new KnownContacts();
    clients.all(shopId).forEach(c -> known.add(c.contact()));
    List<CardRow> rows = new ArrayList<>();
    for (Contact c : in.contacts()) {
      Contact same = known.sameAs(c);
      rows.add(
          new CardRow(c.name(), c.phone(), c.email(), c.note(), same == null ? null : same.name()));
      known.add(c);
    }
    return new CardsRead(rows, in.problems());
  }

  /**
   * Takes cards in as clients, all or none.
   *
   * @throws FieldException when there are too many, or one is too long
   */
  @Transactional
  public CardsTaken take(long shopId, List<CardRow> cards) {
    fewEnough("$", cards.size());
    OffsetDateTime now = OffsetDateTime.now(clock);
    for (int i = 0; i < cards.size(); i++) {
      CardRow r = cards.get(i);
      Contact c = new Contact(r.name(), r.phone(), r.email(), r.note());
      limit("$[" + i + "].name", c.name(), 1, MAX_NAME);
      limit("$[" + i + "].phone", c.phone(), 0, MAX_PHONE);
      limit("$[" + i + "].email", c.email(), 0, MAX_EMAIL);
      limit("$[" + i + "].note", c.note(), 0, MAX_NOTE);
      sitDowns.add(clients.add(shopId, c, now), SitDown.walkIn(), now);
    }
    return new CardsTaken(cards.size());
  }

  private static void fewEnough(String field, long cards) {
    if (cards > MOST) {
      throw new FieldException(field, cards + " cards", "allowed up to " + MOST + " at once");
    }
  }

  private static void limit(String field, String value, int min, int max) {
    if (value.length() < min || value.length() > max) {
      throw new FieldException(
          field, value.length() + " characters", "allowed " + min + " to " + max + " characters");
    }
  }

  /**
   * Every client of the shop.
   *
   * @param version of vCard, 3 or 4
   */
  String all(long shopId, int version) {
    return Contacts.write(clients.all(shopId).stream().map(Client::contact).toList(), version);
  }
}
