package kitetail.formats.look;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** One SVG drawing being written; millimetres, y down. */
public final class Svg {
  private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
  private final XMLStreamWriter out;

  public Svg(double width, double height, String title) {
    try {
      out = XMLOutputFactory.newInstance().createXMLStreamWriter(bytes, "UTF-8");
      out.writeStartDocument("UTF-8", "1.0");
      out.writeStartElement("svg");
      out.writeDefaultNamespace("http://www.w3.org/2000/svg");
      attributes(
          "width",
          mm(width) + "mm",
          "height",
          mm(height) + "mm",
          "viewBox",
          "0 0 " + mm(width) + " " + mm(height),
          "font-family",
          "sans-serif");
      element("title", title);
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }

  public static String mm(double v) {
    return String.format(Locale.ROOT, "%.1f", v == 0 ? 0.0 : v);
  }

  private void attributes(String... pairs) throws XMLStreamException {
    for (int i = 0; i < pairs.length; i += 2) {
      out.writeAttribute(pairs[i], pairs[i + 1]);
    }
  }

  private void element(String name, String text, String... attributes) throws XMLStreamException {
    out.writeStartElement(name);
    attributes(attributes);
    out.writeCharacters(text);
    out.writeEndElement();
  }

  public Svg path(String d, String fill, String stroke, double width) {
    return put("path", "d", d, "fill", fill, "stroke", stroke, "stroke-width", mm(width));
  }

  Svg dot(double x, double y, double r, String fill) {
    return put("circle", "cx", mm(x), "cy", mm(y), "r", mm(r), "fill", fill);
  }

  Svg text(double x, double y, double size, String text) {
    try {
      element("text", text, "x", mm(x), "y", mm(y), "font-size", mm(size), "fill", "#1b2440");
      return this;
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A line of text in the sheet's own letters, bold or not, in a colour. */
  public Svg text(double x, double y, double size, boolean bold, String colour, String text) {
    try {
      element(
          "text",
          text,
          "x",
          mm(x),
          "y",
          mm(y),
          "font-size",
          String.format(Locale.ROOT, "%.2f", size),
          "font-weight",
          bold ? "700" : "400",
          "fill",
          colour);
      return this;
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A picture laid into the drawing. */
  public Svg image(byte[] png, double x, double y, double width, double height, String says) {
    try {
      out.writeStartElement("image");
      attributes("x", mm(x), "y", mm(y), "width", mm(width), "height", mm(height));
      attributes("href", "data:image/png;base64," + Base64.getEncoder().encodeToString(png));
      element("title", says);
      out.writeEndElement();
      return this;
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Rules for the whole drawing, such as the letters it brings along. */
  public Svg style(String css) {
    try {
      element("style", css);
      return this;
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }

  private Svg put(String name, String... attributes) {
    try {
      out.writeEmptyElement(name);
      attributes(attributes);
      return this;
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }

  static String path(double[] x, double[] y, boolean closed) {
    StringBuilder d = new StringBuilder();
    for (int i = 0; i < x.length; i++) {
      d.append(i == 0 ? "M" : " L").append(mm(x[i])).append(' ').append(mm(y[i]));
    }
    return closed ? d.append(" Z").toString() : d.toString();
  }

  public String done() {
    try {
      out.writeEndElement();
      out.writeEndDocument();
      out.close();
      return bytes.toString(StandardCharsets.UTF_8);
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
  }
}
