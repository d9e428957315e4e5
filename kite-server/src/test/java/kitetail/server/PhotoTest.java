package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What comes back of a photograph, and which files are refused. */
class PhotoTest extends InShop {
  private static final String GPS = "Exif-with-a-place-52.37N";

  @BeforeAll
  static void agree() {
    var view = maud.json("/api/clients/1/sitdown");
    ObjectNode document = (ObjectNode) view.path("document");
    document.putObject("cautions").putObject("consent").put("photos", true);
    ObjectNode save =
        TestShop.JSON.createObjectNode().put("version", view.path("version").asLong());
    save.set("document", document);
    told(200, maud.send("PUT", "/api/sitdowns/" + view.path("id").asLong(), save.toString()));
  }

  private static byte[] picture(String format, int width, int height) {
    try {
      BufferedImage i = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
      Graphics2D g = i.createGraphics();
      g.setColor(Color.ORANGE);
      g.fillRect(0, 0, width / 2, height);
      g.dispose();
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(i, format, out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * An Exif segment (APP1) put in after the start of a JPEG: little-endian TIFF with an orientation
   * (tag 0x0112) and a GPS directory (tag 0x8825) holding a latitude reference, as Exif 2.3 lays
   * them out (from memory), and a readable string to look for.
   */
  private static byte[] withPlace(byte[] jpeg, int orientation) throws IOException {
    ByteArrayOutputStream t = new ByteArrayOutputStream();
    t.write("II*\0".getBytes(StandardCharsets.ISO_8859_1));
    int32(t, 8);
    int16(t, 2);
    entry(t, 0x0112, 3, 1, orientation);
    entry(t, 0x8825, 4, 1, 38);
    int32(t, 0);
    int16(t, 1);
    entry(t, 0x0001, 2, 2, 'N');
    int32(t, 0);
    t.write(GPS.getBytes(StandardCharsets.ISO_8859_1));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(0xFF);
    out.write(0xE1);
    int length = t.size() + 8;
    out.write(length >> 8);
    out.write(length & 0xFF);
    out.write("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
    out.write(t.toByteArray());
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  private static void entry(ByteArrayOutputStream t, int tag, int type, int count, int value) {
    int16(t, tag);
    int16(t, type);
    int32(t, count);
    int32(t, value);
  }

  private static void int16(ByteArrayOutputStream t, int v) {
    t.write(v & 0xFF);
    t.write(v >> 8 & 0xFF);
  }

  private static void int32(ByteArrayOutputStream t, int v) {
    int16(t, v & 0xFFFF);
    int16(t, v >>> 16);
  }

  private static long kept(byte[] file) {
    return told(201, maud.upload("/api/clients/1/photos", file)).path("id").asLong();
  }

  private static byte[] back(long id) {
    return maud.bytes("GET", "/api/photos/" + id + ".jpg", null).body();
  }

  private static boolean holds(byte[] file, String text) {
    return new String(file, StandardCharsets.ISO_8859_1).contains(text);
  }

  @Test
  void aPhotoWithItsPlace_comesBackWithoutIt_uprightAndSmall() throws IOException {
    byte[] taken = withPlace(picture("jpeg", 2400, 1200), 6);
    assertThat(holds(taken, GPS)).isTrue();
    byte[] kept = back(kept(taken));
    assertThat(holds(kept, GPS)).isFalse();
    assertThat(holds(kept, "Exif")).isFalse();
    BufferedImage i = ImageIO.read(new ByteArrayInputStream(kept));
    // Orientation 6: the top of the picture lies at the right; it is turned a quarter clockwise.
    assertThat(i.getWidth()).isEqualTo(800);
    assertThat(i.getHeight()).isEqualTo(1600);
    Color top = new Color(i.getRGB(400, 200));
    Color bottom = new Color(i.getRGB(400, 1400));
    assertThat(top.getRed()).isGreaterThan(200);
    assertThat(bottom.getRed()).isLessThan(60);
  }

  @Test
  void aPngUnderAnotherName_isKeptAsAJpeg() {
    byte[] kept = back(kept(picture("png", 300, 200)));
    assertThat(kept[0] & 0xFF).isEqualTo(0xFF);
    assertThat(kept[1] & 0xFF).isEqualTo(0xD8);
  }

  @Test
  void whatIsNoPicture_isRefusedWithASentence() {
    byte[] page = "<html><script>alert(1)</script>".getBytes(StandardCharsets.UTF_8);
    assertThat(maud.upload("/api/clients/1/photos", page).body()).contains("JPEG or PNG");
    assertThat(maud.upload("/api/clients/1/photos", picture("gif", 30, 20)).body())
        .contains("allowed a JPEG or PNG");
    byte[] cut = picture("jpeg", 900, 900);
    assertThat(maud.upload("/api/clients/1/photos", Arrays.copyOf(cut, 200)).statusCode())
        .isEqualTo(422);
    byte[] script = new byte[600];
    new Random(3).nextBytes(script);
    script[0] = (byte) 0xFF;
    script[1] = (byte) 0xD8;
    assertThat(maud.upload("/api/clients/1/photos", script).statusCode()).isEqualTo(422);
  }

  /** A few bytes that claim forty thousand pixels a side are not unpacked. */
  @Test
  void oversizedFiles_andOversizedClaims_areRefused() {
    byte[] small = picture("png", 8, 8);
    // PNG (RFC 2083, 4.1.1): width and height are the first eight bytes of IHDR, at 16.
    byte[] bomb = small.clone();
    bomb[18] = (byte) 0x9C;
    bomb[22] = (byte) 0x9C;
    assertThat(maud.upload("/api/clients/1/photos", bomb).statusCode()).isEqualTo(422);
    assertThat(maud.upload("/api/clients/1/photos", new byte[20_000_001]).body()).contains("20 MB");
  }

  @Test
  void withoutConsent_nothingIsKept() {
    assertThat(maud.upload("/api/clients/2/photos", picture("png", 30, 20)).body())
        .contains("agreed");
    assertThat(maud.json("/api/clients/2/photos").path("photos")).isEmpty();
  }

  @Test
  void nobodyElse_seesIt() {
    long id = kept(picture("png", 30, 20));
    assertThat(shop.new Visitor().bytes("GET", "/api/photos/" + id + ".jpg", null).statusCode())
        .isEqualTo(401);
    assertThat(
            shop.new Visitor()
                .signedIn("joris")
                .bytes("GET", "/api/photos/" + id + ".jpg", null)
                .statusCode())
        .isEqualTo(200);
    shop.otherShop();
    assertThat(
            shop.new Visitor()
                .signedIn("stranger")
                .bytes("GET", "/api/photos/" + id + ".jpg", null)
                .statusCode())
        .isEqualTo(404);
    told(204, maud.send("DELETE", "/api/photos/" + id, null));
    assertThat(maud.bytes("GET", "/api/photos/" + id + ".jpg", null).statusCode()).isEqualTo(404);
  }
}
