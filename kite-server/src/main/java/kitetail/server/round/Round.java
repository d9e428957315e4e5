package kitetail.server.round;

import java.time.Duration;

/** Something done every so often, once for all servers on a database. */
public interface Round {
  /** Under which it is known in the table of tasks. */
  String task();

  Duration every();

  /** What was not done this time is done the next. */
  void go();
}
