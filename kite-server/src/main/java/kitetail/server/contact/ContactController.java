package kitetail.server.contact;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.PasswordAgain;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import kitetail.server.trail.Trail;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Contacts in and out as vCards. */
@RestController
class ContactController {
  private final ContactBook contacts;
  private final PasswordAgain again;
  private final Trail trail;

  ContactController(ContactBook contacts, PasswordAgain again, Trail trail) {
    this.contacts = contacts;
    this.again = again;
    this.trail = trail;
  }

  /** Reads cards; nothing is kept yet. */
  @PostMapping("/api/contacts/read")
  ContactBook.CardsRead read(
      @AuthenticationPrincipal Person me, @RequestBody ContactBook.CardsText cards) {
    return contacts.read(me.shopId(), cards.text());
  }

  /** Takes cards in as clients, all or none. */
  @PostMapping("/api/contacts")
  ContactBook.CardsTaken take(
      @AuthenticationPrincipal Person me, @RequestBody List<ContactBook.CardRow> cards) {
    return contacts.take(me.shopId(), cards);
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
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("clients.vcf").build().toString())
        .body(contacts.all(me.shopId(), version));
  }
}
