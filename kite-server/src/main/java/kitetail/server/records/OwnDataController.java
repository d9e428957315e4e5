package kitetail.server.records;

import java.io.IOException;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.FieldException;
import kitetail.server.security.Person;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A client's own data, handed over or erased at their wish. */
@RestController
@RequestMapping("/api/clients")
class OwnDataController {
  private final OwnData own;
  private final ClientRepository clients;

  OwnDataController(OwnData own, ClientRepository clients) {
    this.own = own;
    this.clients = clients;
  }

  @GetMapping(value = "/{id}/export.zip", produces = "application/zip")
  ResponseEntity<byte[]> export(@AuthenticationPrincipal Person me, @PathVariable long id)
      throws IOException {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("client-" + id + ".zip").build().toString())
        .cacheControl(CacheControl.noStore())
        .body(own.of(me.shopId(), id));
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
    own.erase(me.shopId(), id);
  }
}
