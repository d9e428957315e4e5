package kitetail.formats.picture;

/** The lights a cut is looked at in. */
public enum Light {
  DAY,
  LAMP,
  SUN,
  PHOTO
}
