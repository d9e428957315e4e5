package kitetail.formats.sheet;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A page of XHTML printed as PDF in the letters that ship. */
final class Pdf {
  static final String FONTS = "/kitetail/fonts/AtkinsonHyperlegibleNext_";

  static {
    com.openhtmltopdf.util.XRLog.setLoggingEnabled(false);
  }

  private Pdf() {}

  static byte[] print(String html) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      PdfRendererBuilder b = new PdfRendererBuilder();
      font(b, "400Regular", 400);
      font(b, "700Bold", 700);
      b.withHtmlContent(html, null);
      b.toStream(out);
      b.run();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void font(PdfRendererBuilder b, String cut, int weight) {
    b.useFont(
        () -> Pdf.class.getResourceAsStream(FONTS + cut + ".ttf"),
        "Sheet",
        weight,
        PdfRendererBuilder.FontStyle.NORMAL,
        true);
  }

  static int pages(byte[] pdf) {
    try (PDDocument d = Loader.loadPDF(pdf)) {
      return d.getNumberOfPages();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static String image(byte[] png) {
    return "<img src='data:image/png;base64," + Base64.getEncoder().encodeToString(png) + "'/>";
  }

  static String text(String s) {
    return s.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
