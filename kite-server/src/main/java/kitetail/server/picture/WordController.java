package kitetail.server.picture;

import java.time.Duration;
import kitetail.formats.picture.WordPicture;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What the words of the trade mean. */
@RestController
class WordController {
  private final DrawnWords words;

  WordController(DrawnWords words) {
    this.words = words;
  }

  @GetMapping(value = "/api/words/{word}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable WordPicture.Word word) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(words.png(word));
  }
}
