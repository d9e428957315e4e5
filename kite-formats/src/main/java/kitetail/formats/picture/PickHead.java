package kitetail.formats.picture;

import kitetail.fall.Ground;

/** A head to draw picks on, ready for any hair. Safe to share. */
public record PickHead(Ground ground, HairPicture picture) {
  public static PickHead of(Ground ground) {
    return new PickHead(ground, new HairPicture(ground.scalp()));
  }
}
