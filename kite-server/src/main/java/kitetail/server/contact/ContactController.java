package kitetail.server.contact;

import jakarta.servlet.http.HttpServletRequest;
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
import kitetail.server.security.Needs;
import kitetail.server.security.PasswordAgain;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import kitetail.server.trail.Trail;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Contacts in and out as vCards. */
@RestController
class ContactController {
  private static final int MOST = 2000;
  private static final int MAX_NAME = 120;
  private static final int MAX_PHONE = 60;
  private static final int MAX_EMAIL = 254;
  private static final int MAX_NOTE = 2000;

  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final PasswordAgain again;
  private final Trail trail;
  private final Clock clock;

  ContactController(
      ClientRepository clients,
      SitDownRepository sitDowns,
      PasswordAgain again,
      Trail trail,
      Clock clock) {
    this.trail = trail;
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.again = again;
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

  /** Reads cards; nothing is kept yet. */
  @PostMapping("/api/contacts/read")
  CardsRead read(@AuthenticationPrincipal Person me, @RequestBody CardsText cards) {
    String text = cards.text() == null ? "" : cards.text();
    fewEnough("$.text", Contacts.count(text));
    Contacts.Cards in = Contacts.read(text);
    KnownContacts known = new KnownContacts();
    clients.all(me.shopId()).forEach(c -> known.add(c.contact()));
    List<CardRow> rows = new ArrayList<>();
    for (Contact c : in.contacts()) {
      Contact same = known.sameAs(c);
      rows.add(
          new CardRow(c.name(), c.phone(), c.email(), c.note(), same == null ? null : same.name()));
      known.add(c);
    }
    return new CardsRead(rows, in.problems());
  }

  /** Takes cards in as clients, all or none. */
  @PostMapping("/api/contacts")
  @Transactional
  public CardsTaken take(@AuthenticationPrincipal Person me, @RequestBody List<CardRow> cards) {
    fewEnough("$", cards.size());
    OffsetDateTime now = OffsetDateTime.now(clock);
    for (int i = 0; i < cards.size(); i++) {
      CardRow r = cards.get(i);
      Contact c = new Contact(r.name(), r.phone(), r.email(), r.note());
      limit("$[" + i + "].name", c.name(), 1, MAX_NAME);
      limit("$[" + i + "].phone", c.phone(), 0, MAX_PHONE);
      limit("$[" + i + "].email", c.email(), 0, MAX_EMAIL);
      limit("$[" + i + "].note", c.note(), 0, MAX_NOTE);
      sitDowns.add(clients.add(me.shopId(), c, now), SitDown.walkIn(), now);
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

  /** Every client of the shop. */
  @Needs(Right.BOOKS)
  @GetMapping(value = "/api/contacts.vcf", produces = "text/vcard")
  ResponseEntity<String> all(
      @AuthenticationPrincipal Person me,
      @RequestParam(defaultValue = "4") int version,
      HttpServletRequest request) {
    again.need(request.getSession(false));
    if (version != 3 && version != 4) {
      throw new FieldException("version", String.valueOf(version), "allowed 3, 4");
    }
    trail.takenOut(me, "cards", null, request);
    List<Contact> all = clients.all(me.shopId()).stream().map(Client::contact).toList();
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("clients.vcf").build().toString())
        .body(Contacts.write(all, version));
  }
}
