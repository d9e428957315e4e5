package kitetail.server.photo;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import kitetail.server.answer.Added;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.security.Person;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

/** Photographs, taken in when the client agreed, shown to signed-in people of the shop alone. */
@RestController
@RequestMapping("/api")
class PhotoController {
  private final PhotoRepository photos;
  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final Clock clock;

  PhotoController(
      PhotoRepository photos, ClientRepository clients, SitDownRepository sitDowns, Clock clock) {
    this.photos = photos;
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.clock = clock;
  }

  /**
   * @param agreed whether the client agreed to photographs at the newest sit-down
   */
  record Photos(boolean agreed, List<PhotoRepository.PhotoRow> photos) {}

  @GetMapping("/clients/{clientId}/photos")
  Photos all(@AuthenticationPrincipal Person me, @PathVariable long clientId) {
    clients.get(me.shopId(), clientId);
    return new Photos(agreed(me, clientId), photos.ofClient(me.shopId(), clientId));
  }

  private boolean agreed(Person me, long clientId) {
    return sitDowns.latest(me.shopId(), clientId).photosAgreed();
  }

  /**
   * @param sitting the token of the visit it belongs to, when it was taken in one
   */
  @PostMapping(
      value = "/clients/{clientId}/photos",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  Added add(
      @AuthenticationPrincipal Person me,
      @PathVariable long clientId,
      @RequestParam(required = false) UUID sitting,
      InputStream file)
      throws IOException {
    clients.get(me.shopId(), clientId);
    byte[] bytes = file.readNBytes(Shrunk.LARGEST_BYTES + 1);
    if (!agreed(me, clientId)) {
      throw new FieldException(
          "photo",
          "no consent",
          "allowed once the client agreed to photographs at the consultation");
    }
    return new Added(
        photos.add(clientId, sitting, me.id(), OffsetDateTime.now(clock), Shrunk.of(bytes)));
  }

  @GetMapping(value = "/photos/{id}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> one(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .body(photos.jpeg(me.shopId(), id));
  }

  @DeleteMapping("/photos/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@AuthenticationPrincipal Person me, @PathVariable long id) {
    photos.remove(me.shopId(), id);
  }
}
