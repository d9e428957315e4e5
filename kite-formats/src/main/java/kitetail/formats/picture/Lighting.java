package kitetail.formats.picture;

import kitetail.formats.json.PlanJson;
import tools.jackson.databind.JsonNode;

/**
 * A light a head is looked at in; the browser has the same ({@code kitetail/lights.json}).
 *
 * @param from where it shines from: to the eye's right, up, toward the eye; of length 1
 * @param fill how bright is what it does not reach
 * @param key how much brighter is what it does
 * @param tone of red, green and blue
 * @param shine how much it makes hair shine
 */
record Lighting(double[] from, double fill, double key, double[] tone, double shine) {
  private static final JsonNode ALL = PlanJson.shipped("lights.json", JsonNode.class);

  Lighting {
    double l = Math.sqrt(from[0] * from[0] + from[1] * from[1] + from[2] * from[2]);
    from = new double[] {from[0] / l, from[1] / l, from[2] / l};
  }

  static Lighting of(Light light) {
    return PlanJson.json().treeToValue(ALL.path(PlanJson.name(light)), Lighting.class);
  }

  /** A colour as this light shows it. */
  int lit(int rgb, double shade, double shine) {
    int out = 0xff;
    for (int c = 0; c < 3; c++) {
      double v = ((rgb >> 16 - 8 * c & 255) * shade + 255 * shine) * tone[c];
      out = out << 8 | (int) Math.max(0, Math.min(255, v));
    }
    return out;
  }
}
