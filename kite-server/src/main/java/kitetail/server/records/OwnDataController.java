package kitetail.server.records;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import kitetail.server.trail.Trail;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A client's own data, handed over or erased at their wish. */
@RestController
@RequestMapping("/api/clients")
@Needs(Right.ERASE)
class OwnDataController {
  private final OwnData own;
  private final Erasing erasing;
  private final ClientRepository clients;
  private final Trail trail;

  OwnDataController(OwnData own, Erasing erasing, ClientRepository clients, Trail trail) {
    this.trail = trail;
    this.own = own;
    this.erasing = erasing;
    this.clients = clients;
  }

  record ErasedClients(List<Erasing.Waiting> clients) {}

  @GetMapping(value = "/{id}/export.zip", produces = "application/zip")
  ResponseEntity<byte[]> export(
      @AuthenticationPrincipal Person me, @PathVariable long id, HttpServletRequest request)
      throws IOException {
    byte[] all = own.of(me.shopId(), id);
    trail.takenOut(me, "client", id, request);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("client-" + id + ".zip").build().toString())
        .cacheControl(CacheControl.noStore())
        .body(all);
  }

  /**
   * @param name the client's name once more, so that nobody is erased by a slip of the hand
   */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void erase(@AuthenticationPrincipal Person me, @PathVariable long id, @RequestParam String name) {
    String known = clients.get(me.shopId(), id).name();
    if (!known.equalsIgnoreCase(name.strip())) {
      throw new FieldException("name", name, "allowed the client's own name, " + known);
    }
    erasing.erase(me.shopId(), id);
  }

  /** Clients erased in the last 24 hours, who can still be brought back. */
  @GetMapping("/erased")
  ErasedClients erased(@AuthenticationPrincipal Person me) {
    return new ErasedClients(erasing.waiting(me.shopId()));
  }

  @PostMapping("/{id}/unerase")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unerase(@AuthenticationPrincipal Person me, @PathVariable long id) {
    erasing.undo(me.shopId(), id);
  }
}
