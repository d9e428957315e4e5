package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import kitetail.head.Head;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A word of the trade on a head: seen, where it is. */
class WordPictureTest {
  private static final Head HEAD = Head.of(SitDown.walkIn().head());
  private static final int INK = 0x1b2440;

  private static boolean isInk(int argb) {
    int[] of = {argb >> 16 & 255, argb >> 8 & 255, argb & 255};
    int[] ink = {INK >> 16 & 255, INK >> 8 & 255, INK & 255};
    int off = 0;
    for (int c = 0; c < 3; c++) {
      off += Math.abs(of[c] - ink[c]);
    }
    return argb >>> 24 > 200 && off < 60;
  }

  private static BufferedImage drawn(WordPicture.Word word) {
    return WordPicture.draw(HEAD, word, 200, 220);
  }

  /**
   * What is inked for a word and not for another, whose face is the same: number of pixels, and
   * their middle as shares of the picture.
   */
  private static double[] inked(WordPicture.Word word, WordPicture.Word other) {
    BufferedImage image = drawn(word);
    BufferedImage without = drawn(other);
    double n = 0;
    double x = 0;
    double y = 0;
    for (int j = 0; j < image.getHeight(); j++) {
      for (int i = 0; i < image.getWidth(); i++) {
        if (isInk(image.getRGB(i, j)) && !isInk(without.getRGB(i, j))) {
          n++;
          x += i;
          y += j;
        }
      }
    }
    return new double[] {n, x / n / image.getWidth(), y / n / image.getHeight()};
  }

  @ParameterizedTest
  @EnumSource
  void isSeen(WordPicture.Word word) {
    WordPicture.Word other =
        word == WordPicture.Word.APEX ? WordPicture.Word.SIDEBURN : WordPicture.Word.APEX;
    assertThat(inked(word, other)[0]).as("inked pixels").isGreaterThan(50);
  }

  /** Where a barber would point: the apex on top, the occipital bone low behind, the nape below. */
  @Test
  void standsWhereItIs() {
    double[] apex = inked(WordPicture.Word.APEX, WordPicture.Word.SIDEBURN);
    double[] nape = inked(WordPicture.Word.NAPE, WordPicture.Word.APEX);
    double[] crown = inked(WordPicture.Word.CROWN, WordPicture.Word.OCCIPITAL);
    double[] drop = inked(WordPicture.Word.DROP_CROWN, WordPicture.Word.OCCIPITAL);
    double[] bone = inked(WordPicture.Word.OCCIPITAL, WordPicture.Word.CROWN);
    assertThat(apex[2]).isLessThan(0.25);
    assertThat(crown[2]).isLessThan(drop[2]);
    assertThat(drop[2]).isLessThan(bone[2]);
    assertThat(nape[2]).isBetween(0.55, 0.95);
    assertThat(nape[1]).as("in the middle, seen from behind").isBetween(0.46, 0.54);
  }

  @Test
  void noTwoAreAlike() {
    Set<Integer> all = new HashSet<>();
    for (WordPicture.Word w : WordPicture.Word.values()) {
      all.add(Arrays.hashCode(drawn(w).getRGB(0, 0, 200, 220, null, 0, 200)));
    }
    assertThat(all).hasSameSizeAs(WordPicture.Word.values());
  }
}
