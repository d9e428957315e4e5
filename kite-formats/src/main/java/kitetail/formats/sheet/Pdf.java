package kitetail.formats.sheet;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A page of XHTML printed as PDF in the letters that ship. */
final class Pdf {
  static final String FONTS = "/kitetail/fonts/AtkinsonHyperlegibleNext_";

  static {
    com.openhtmltopdf.util.XRLog.setLoggingEnabled(false);
  }

  /** Fine lines and small letters stay clean. */
  private static final float QUALITY = 0.93f;

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

  /** A picture on white paper: the printer takes a JPEG as it is, and packs anything else anew. */
  static String image(byte[] png) {
    try {
      BufferedImage drawn = ImageIO.read(new ByteArrayInputStream(png));
      BufferedImage paper =
          new BufferedImage(drawn.getWidth(), drawn.getHeight(), BufferedImage.TYPE_INT_RGB);
      Graphics2D g = paper.createGraphics();
      g.drawImage(drawn, 0, 0, Color.WHITE, null);
      g.dispose();
      return "<img src='data:image/jpeg;base64,"
          + Base64.getEncoder().encodeToString(jpeg(paper))
          + "'/>";
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(QUALITY);
      writer.setOutput(to);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return out.toByteArray();
  }

  static String text(String s) {
    return s.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
