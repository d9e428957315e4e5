package kitetail.shopday;

import java.util.UUID;
import kitetail.head.Place;
import kitetail.plan.Plan;

/** One thing done at the chair. */
public sealed interface Entry {
  /** What each kind of entry means to who reads a log; nothing, where it is not said. */
  interface Reader {
    default void bite(Bite e) {}

    default void done(Done e) {}

    default void reopened(Reopened e) {}

    default void skipped(Skipped e) {}

    default void approved(Approved e) {}

    default void dosed(Dosed e) {}

    default void measured(Measured e) {}

    default void tookMore(TookMore e) {}

    default void replanned(Replanned e) {}

    default void undone(Undone e) {}

    default void paused(Paused e) {}

    default void resumed(Resumed e) {}

    default void forDry(ForDry e) {}

    default void drySeen(DrySeen e) {}

    default void checked(Checked e) {}
  }

  void to(Reader r);

  /** Something done to one move of the plan, named by its id. */
  sealed interface OfMove extends Entry {
    String move();
  }

  /** One bite more of a move is cut. */
  record Bite(String move) implements OfMove {
    @Override
    public void to(Reader r) {
      r.bite(this);
    }
  }

  record Done(String move) implements OfMove {
    @Override
    public void to(Reader r) {
      r.done(this);
    }
  }

  /** A move that was done or skipped is gone back to. */
  record Reopened(String move) implements OfMove {
    @Override
    public void to(Reader r) {
      r.reopened(this);
    }
  }

  /**
   * @param reason in the stylist's words; may be empty
   */
  record Skipped(String move, String reason) implements OfMove {
    public Skipped {
      reason = reason == null ? "" : reason;
      said("reason", reason, 0);
    }

    @Override
    public void to(Reader r) {
      r.skipped(this);
    }
  }

  /** The client said yes to what a move is about to do, or has done. */
  record Approved(String move) implements OfMove {
    @Override
    public void to(Reader r) {
      r.approved(this);
    }
  }

  /** Texture of one column of a move is done; columns are numbered from 0. */
  record Dosed(String move, int column) implements OfMove {
    public Dosed {
      if (column < 0 || column > 199) {
        throw new IllegalArgumentException("column must be 0 to 199, was " + column);
      }
    }

    @Override
    public void to(Reader r) {
      r.dosed(this);
    }
  }

  /**
   * What is really there, dry and straight; typed, or from a measuring comb.
   *
   * @param mm 0 to 1500
   */
  record Measured(Place place, double mm) implements Entry {
    public Measured {
      length("mm", mm);
    }

    @Override
    public void to(Reader r) {
      r.measured(this);
    }
  }

  /**
   * A slip: so much more than planned came off.
   *
   * @param mm 0 to 1500
   */
  record TookMore(String move, Place place, double mm) implements OfMove {
    public TookMore {
      length("mm", mm);
    }

    @Override
    public void to(Reader r) {
      r.tookMore(this);
    }
  }

  /** What is left to do was planned anew; this is the whole plan from here on. */
  record Replanned(Plan plan) implements Entry {
    @Override
    public void to(Reader r) {
      r.replanned(this);
    }
  }

  /**
   * An entry is taken back: it was a slip of the thumb, or has been put right.
   *
   * @param device whose entry it was
   * @param number of that device's entries, from 0
   */
  record Undone(UUID device, int number) implements Entry {
    public Undone {
      if (device == null) {
        throw new IllegalArgumentException("device must be given");
      }
      if (number < 0 || number > 100_000) {
        throw new IllegalArgumentException("number must be 0 to 100000, was " + number);
      }
    }

    @Override
    public void to(Reader r) {
      r.undone(this);
    }
  }

  record Paused() implements Entry {
    @Override
    public void to(Reader r) {
      r.paused(this);
    }
  }

  record Resumed() implements Entry {
    @Override
    public void to(Reader r) {
      r.resumed(this);
    }
  }

  /** Something to look at again once the hair is dry. */
  record ForDry(String what) implements Entry {
    public ForDry {
      said("what", what, 1);
    }

    @Override
    public void to(Reader r) {
      r.forDry(this);
    }
  }

  /** It was looked at dry. */
  record DrySeen(String what) implements Entry {
    public DrySeen {
      said("what", what, 1);
    }

    @Override
    public void to(Reader r) {
      r.drySeen(this);
    }
  }

  /**
   * One item of the check round.
   *
   * @param item its number in the round, from 0
   * @param longerMm by how much the hair there was too long; 0 when it was fine
   */
  record Checked(int item, double longerMm) implements Entry {
    public Checked {
      if (item < 0 || item > 199) {
        throw new IllegalArgumentException("item must be 0 to 199, was " + item);
      }
      length("longerMm", longerMm);
    }

    @Override
    public void to(Reader r) {
      r.checked(this);
    }
  }

  private static void length(String name, double mm) {
    if (!(mm >= 0 && mm <= 1500)) {
      throw new IllegalArgumentException(name + " must be 0 to 1500, was " + mm);
    }
  }

  private static void said(String name, String text, int least) {
    if (text == null || text.strip().length() < least || text.length() > 400) {
      throw new IllegalArgumentException(name + " must have " + least + " to 400 characters");
    }
  }
}
