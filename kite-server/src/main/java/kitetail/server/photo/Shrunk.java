package kitetail.server.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import kitetail.server.error.FieldException;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A photograph as it is kept: turned upright, at most 1600 pixels a side, a JPEG of the picture
 * alone. Whatever else the file held, place, time, camera, names, is not carried over.
 */
record Shrunk(byte[] jpeg, int width, int height) {
  static final int LARGEST_BYTES = 20_000_000;

  private static final int SIDE = 1600;
  private static final double QUALITY = 0.85;
  private static final long MOST_PIXELS = 50_000_000;
  private static final Set<String> READ = Set.of("jpeg", "png");

  /**
   * @throws FieldException when it is no JPEG or PNG, too large, or cannot be read to its end
   */
  static Shrunk of(byte[] file) {
    if (file.length > LARGEST_BYTES) {
      throw refused("larger than 20 MB", "allowed up to 20 MB");
    }
    size(file);
    // One at a time: a large photograph takes some 200 MB while it is made small.
    synchronized (Shrunk.class) {
      try {
        BufferedImage small =
            Thumbnails.of(new ByteArrayInputStream(file))
                .useExifOrientation(true)
                .size(SIDE, SIDE)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(small)
            .scale(1)
            .outputFormat("jpg")
            .outputQuality(QUALITY)
            .toOutputStream(out);
        return new Shrunk(out.toByteArray(), small.getWidth(), small.getHeight());
      } catch (IOException | RuntimeException e) {
        throw refused("a file that cannot be read to its end", "allowed a whole JPEG or PNG");
      }
    }
  }

  /** What the file really is and how many pixels it claims, before any of them is read. */
  private static void size(byte[] file) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw refused("no picture", "allowed a JPEG or PNG, whatever it is called");
      }
      ImageReader r = readers.next();
      try {
        r.setInput(in);
        if (!READ.contains(r.getFormatName().toLowerCase(Locale.ROOT))) {
          throw refused("a " + r.getFormatName() + " file", "allowed a JPEG or PNG");
        }
        long pixels = (long) r.getWidth(0) * r.getHeight(0);
        if (pixels > MOST_PIXELS) {
          throw refused(pixels / 1_000_000 + " million pixels", "allowed up to 50 million");
        }
      } finally {
        r.dispose();
      }
    } catch (IOException e) {
      throw refused("a file that cannot be read", "allowed a whole JPEG or PNG");
    }
  }

  private static FieldException refused(String what, String allowed) {
    return new FieldException("photo", what, allowed);
  }
}
