package kitetail.formats.sheet;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import javax.imageio.ImageIO;

/** A text as a QR code (ISO/IEC 18004), with the quiet zone the standard asks for. */
final class QrCode {
  private static final int QUIET_MODULES = 4;
  private static final int PIXELS_A_MODULE = 6;
  private static final int WHITE = 0xffffff;

  private QrCode() {}

  /**
   * @throws IllegalArgumentException when the text is too long for one code
   */
  static byte[] png(String text) {
    try {
      BitMatrix bits =
          new QRCodeWriter()
              .encode(
                  text,
                  BarcodeFormat.QR_CODE,
                  0,
                  0,
                  Map.of(
                      EncodeHintType.CHARACTER_SET,
                      "UTF-8",
                      EncodeHintType.ERROR_CORRECTION,
                      ErrorCorrectionLevel.M,
                      EncodeHintType.MARGIN,
                      QUIET_MODULES));
      int size = bits.getWidth() * PIXELS_A_MODULE;
      BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
      for (int y = 0; y < size; y++) {
        for (int x = 0; x < size; x++) {
          boolean dark = bits.get(x / PIXELS_A_MODULE, y / PIXELS_A_MODULE);
          image.setRGB(x, y, dark ? 0 : WHITE);
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (WriterException e) {
      throw new IllegalArgumentException("too long for a QR code: " + text.length(), e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
