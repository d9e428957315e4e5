package kitetail.server.picture;

import kitetail.formats.picture.Light;
import kitetail.formats.picture.View;
import kitetail.formats.sheet.Sheet;
import kitetail.plan.Plan;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pictures of a plan as large as its client looks at them. */
@Component
public class ClientPictures {
  private static final int WIDTH = 540;
  private static final int HEIGHT = 660;

  private final Stills stills;

  ClientPictures(Stills stills) {
    this.stills = stills;
  }

  /** The hair before anything is cut. */
  public byte[] before(Plan plan, View view) {
    return stills.before(plan, frame(view));
  }

  /**
   * @param way how it is worn; null as the plan has it
   */
  public byte[] worn(Plan plan, double week, @Nullable String way, View view) {
    return stills.worn(stills.dressed(plan, way, 0, 0), week, frame(view), Light.DAY);
  }

  /** As it falls, for a printed card. */
  public byte[] card(Plan plan, View view) {
    Stills.Frame printed =
        new Stills.Frame(view, 2 * Sheet.PICTURE_WIDTH, 2 * Sheet.PICTURE_HEIGHT);
    return stills.worn(plan, 0, printed, Light.DAY);
  }

  private static Stills.Frame frame(View view) {
    return new Stills.Frame(view, WIDTH, HEIGHT);
  }
}
