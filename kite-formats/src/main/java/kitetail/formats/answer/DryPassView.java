package kitetail.formats.answer;

import kitetail.formats.words.AdviceWords;
import kitetail.head.Place;
import kitetail.planning.DryPass;

/**
 * What lays hair that stands out dry.
 *
 * @param lies whether it lies as it is
 * @param shorterMm the length below it that lies; 0 where none does
 * @param longerMm the length above it that does; 0 where none does
 * @param weeks until that has grown
 */
public record DryPassView(
    Place place,
    double lengthMm,
    boolean lies,
    double shorterMm,
    double longerMm,
    double weeks,
    String words) {
  public static DryPassView of(DryPass d, AdviceWords words) {
    return new DryPassView(
        d.place(),
        Rounded.tenth(d.lengthMm()),
        d.lies(),
        Rounded.tenth(d.shorterMm()),
        Rounded.tenth(d.longerMm()),
        Rounded.tenth(d.weeks()),
        words.dryPass(d));
  }
}
