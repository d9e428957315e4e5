package kitetail.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import kitetail.formats.calendar.Booked;
import kitetail.formats.calendar.CalendarFile;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The card as it leaves the printer: its size, its words, and its code read off the paper. */
class TakeHomeCardTest {
  /** What most office printers print. */
  private static final int DPI = 300;

  private static final Instant FROM = Instant.parse("2027-01-12T10:00:00Z");

  private static TakeHomeCard card(int lines) throws java.io.IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(400, 440, BufferedImage.TYPE_INT_RGB), "png", png);
    String event =
        CalendarFile.write(
            List.of(
                new Booked(
                    "appointment-7@kite-tail", 1, FROM, FROM.plusSeconds(2700), "Haircut", "")),
            FROM);
    return new TakeHomeCard(
        "Tapered Pixie",
        "Ferry & Sons, by the landing",
        png.toByteArray(),
        Collections.nCopies(lines, "Dry it with your fingers, forward and to the side, on warm."),
        "Tuesday 12 January, 11:00",
        event);
  }

  /** ISO 216: A6 is 105 by 148 mm, 298 by 420 points. */
  @ParameterizedTest
  @ValueSource(ints = {1, 5, 9})
  void theCard_isOneA6Page_andItsCodeReadOffThePaperIsTheVisit(int lines) throws Exception {
    byte[] pdf = card(lines).pdf();
    try (PDDocument d = Loader.loadPDF(pdf)) {
      assertThat(d.getNumberOfPages()).isEqualTo(1);
      var box = d.getPage(0).getMediaBox();
      assertThat(Math.round(box.getWidth())).isEqualTo(298);
      assertThat(Math.round(box.getHeight())).isBetween(419, 420);
      assertThat(new PDFTextStripper().getText(d))
          .contains("Tapered Pixie", "Ferry & Sons", "12 January, 11:00");
      Calendar read =
          new CalendarBuilder()
              .build(new StringReader(decoded(new PDFRenderer(d).renderImageWithDPI(0, DPI))));
      assertThat(read.getComponents()).hasSize(1);
      assertThat(read.getComponents().get(0).toString())
          .contains("DTSTART:20270112T100000Z", "SUMMARY:Haircut");
    }
  }

  /** By a reader that knows nothing of the card. */
  private static String decoded(BufferedImage page) throws Exception {
    int w = page.getWidth();
    int h = page.getHeight();
    RGBLuminanceSource light = new RGBLuminanceSource(w, h, page.getRGB(0, 0, w, h, null, 0, w));
    return new QRCodeReader()
        .decode(
            new BinaryBitmap(new HybridBinarizer(light)),
            Map.of(DecodeHintType.TRY_HARDER, Boolean.TRUE))
        .getText();
  }
}
