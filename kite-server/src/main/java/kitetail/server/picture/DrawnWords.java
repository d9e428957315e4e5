package kitetail.server.picture;

import kitetail.formats.picture.WordPicture;
import kitetail.head.HeadSpec;
import kitetail.plan.SitDown;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import org.springframework.stereotype.Component;

/** Words of the trade, each drawn once on the usual head. */
@Component
class DrawnWords {
  private static final int WIDE = 200;
  private static final int HIGH = 220;
  private static final HeadSpec USUAL = SitDown.walkIn().head();

  private final Heads heads;
  private final Kept<WordPicture.Word, byte[]> drawn = new Kept<>(Share.WORDS);

  DrawnWords(Heads heads) {
    this.heads = heads;
  }

  byte[] png(WordPicture.Word word) {
    return drawn.get(word, w -> WordPicture.png(heads.fitted(USUAL), w, WIDE, HIGH));
  }
}
