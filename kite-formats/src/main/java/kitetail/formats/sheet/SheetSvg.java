package kitetail.formats.sheet;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import kitetail.formats.look.Svg;
import kitetail.formats.picture.View;
import kitetail.formats.words.SheetWords;
import kitetail.formats.words.Words;
import kitetail.plan.Outcome;

/** The cut sheet as one drawing, with its own letters and pictures inside it. */
public final class SheetSvg {
  private static final String INK = "#1b2440";
  private static final String SOFT = "#4a5268";
  private static final String RED = "#b5371f";
  private static final double EDGE = 12;
  private static final double HEAD_WIDE = 44;
  private static final double BIG_WIDE = 33;
  private static final double RIGHT_WIDE = 24;

  /** The largest that leaves the sheet on one page is taken, mm. */
  private static final double[] TYPE_MM = {3.2, 3, 2.8, 2.6, 2.4, 2.2, 2, 1.8, 1.6, 1.4};

  private static final List<View> SIDES = List.of(View.RIGHT, View.BACK, View.TOP);

  private static final FontRenderContext MEASURE = new FontRenderContext(null, true, true);
  private static final float MEASURED_AT = 100;

  private SheetSvg() {}

  public static String of(Sheet s, Paper paper) {
    Font plain = letters("400Regular");
    List<byte[]> maps = s.maps(SIDES);
    for (double type : TYPE_MM) {
      Drawing d = new Drawing(s, maps, paper, plain, type);
      if (d.bottom <= paper.heightMm() - EDGE || type == TYPE_MM[TYPE_MM.length - 1]) {
        return d.svg.done();
      }
    }
    throw new IllegalStateException("no type size is left");
  }

  private static Font letters(String cut) {
    try (InputStream in = SheetSvg.class.getResourceAsStream(Pdf.FONTS + cut + ".ttf")) {
      return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(MEASURED_AT);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FontFormatException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String face(String cut, int weight) {
    try (InputStream in = SheetSvg.class.getResourceAsStream(Pdf.FONTS + cut + ".ttf")) {
      return String.format(
          Locale.ROOT,
          "@font-face{font-family:Sheet;font-weight:%d;src:url(data:font/ttf;base64,%s)}",
          weight,
          Base64.getEncoder().encodeToString(in.readAllBytes()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Words laid into lines no wider than there is room. */
  static List<String> lines(Font letters, String text, double typeMm, double wideMm) {
    List<String> out = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split("\\s+")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      double wide = letters.getStringBounds(longer, MEASURE).getWidth() / MEASURED_AT * typeMm;
      if (wide > wideMm && !line.isEmpty()) {
        out.add(line.toString());
        line = new StringBuilder(word);
      } else {
        line = new StringBuilder(longer);
      }
    }
    out.add(line.toString());
    return out;
  }

  private static final class Drawing {
    private final Svg svg;
    private final Font letters;
    private final double type;
    private double bottom;

    Drawing(Sheet s, List<byte[]> maps, Paper paper, Font letters, double type) {
      this.letters = letters;
      this.type = type;
      double wide = paper.widthMm();
      svg = new Svg(wide, paper.heightMm(), s.plan().title());
      svg.style(face("400Regular", 400) + face("700Bold", 700) + "text{font-family:Sheet}");
      svg.path(
          "M0 0H" + Svg.mm(wide) + "V" + Svg.mm(paper.heightMm()) + "H0Z", "#ffffff", "none", 0);
      svg.text(EDGE, 20, 7, true, INK, s.plan().title());
      svg.text(EDGE, 26, 3.6, false, SOFT, s.subtitle());
      heads(s, maps, wide);
      bottom = 30 + HEAD_WIDE * Sheet.PICTURE_HEIGHT / Sheet.PICTURE_WIDTH + 6;
      int n = 1;
      for (Outcome.Step step : s.outcome().steps()) {
        move(n++, step, s.words(), wide);
      }
      bottom += type;
      List<String> cautions = new ArrayList<>(s.cautions(5));
      cautions.add(SheetWords.caution());
      double from = bottom;
      for (String c : cautions) {
        said(c, EDGE + 3, wide - 2 * EDGE - 3, INK);
      }
      svg.path(
          "M" + Svg.mm(EDGE) + " " + Svg.mm(from) + "V" + Svg.mm(bottom), "none", "#e0b020", 1);
    }

    private void heads(Sheet s, List<byte[]> maps, double wide) {
      double step = (wide - 2 * EDGE) / 4;
      for (int k = 0; k < 4; k++) {
        double left = EDGE + k * step;
        double high = HEAD_WIDE * Sheet.PICTURE_HEIGHT / Sheet.PICTURE_WIDTH;
        String says = k == 0 ? "as it falls" : SIDES.get(k - 1).name().toLowerCase(Locale.ROOT);
        byte[] png = k == 0 ? s.fallenPng() : maps.get(k - 1);
        svg.image(png, left, 29, HEAD_WIDE, high, says);
        svg.text(left + 1, 29 + high + 3, 2.8, false, SOFT, says);
      }
    }

    private void move(int n, Outcome.Step step, Words words, double wide) {
      svg.path(
          "M" + Svg.mm(EDGE) + " " + Svg.mm(bottom) + "H" + Svg.mm(wide - EDGE),
          "none",
          "#d9d2c2",
          0.3);
      double first = bottom + type * 1.35;
      svg.text(EDGE, first, type * 1.4, true, RED, Integer.toString(n));
      svg.text(wide - EDGE - RIGHT_WIDE, first, type, false, SOFT, SheetWords.amount(step));
      double left = EDGE + 8;
      double big = bottom;
      String headline = words.headline(step.move().with(step.cut()));
      for (String line : lines(letters, headline, type * 1.2, BIG_WIDE - 4)) {
        big += type * 1.35;
        svg.text(left, big, type * 1.1, true, INK, line);
      }
      double room = wide - 2 * EDGE - 8 - BIG_WIDE - RIGHT_WIDE - 2;
      svg.text(left + BIG_WIDE, first, type, true, INK, step.move().name());
      bottom += type * 1.35;
      said(words.sentence(step.move()), left + BIG_WIDE, room, INK);
      if (!step.move().watch().isEmpty()) {
        said(step.move().watch(), left + BIG_WIDE, room, SOFT);
      }
      bottom = Math.max(bottom, big) + type * 0.5;
    }

    private void said(String text, double left, double room, String colour) {
      for (String line : lines(letters, text, type, room)) {
        bottom += type * 1.3;
        svg.text(left, bottom, type, false, colour, line);
      }
    }
  }
}
