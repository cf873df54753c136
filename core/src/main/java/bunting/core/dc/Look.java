package bunting.core.dc;

import bunting.core.show.LoadKind;
import bunting.core.show.Show;

/**
 * How far the volts of a pixel may fall, by how full white then looks: blue goes first, then green.
 * Builders choose by the look, not by a percent (common practice, no source; where each look begins
 * is our reckoning on {@link WhiteTest}). The tint does not depend on the brightness: a dimmed
 * pixel has its full current while it is on.
 */
public enum Look {
  /** White; blue has all but a hundredth of its light. */
  UNSEEN("nobody sees it"),
  /** Less blue than an eye minds, but a camera set to white shows a warm tail. */
  CAMERA("a camera sees it"),
  /** Plainly yellow: two thirds of green, a sixth of blue. */
  YELLOW("yellow"),
  /** Orange: a third of green, hardly any blue. */
  ORANGE("orange");

  private static final double BLUE_UNSEEN = 0.99;
  private static final double BLUE_ON_CAMERA = 0.7;
  private static final double GREEN_YELLOW = 0.65;
  private static final double GREEN_ORANGE = 0.3;

  private final String text;

  Look(String text) {
    this.text = text;
  }

  /** As people say it. */
  public String text() {
    return text;
  }

  /** The least whole percent of its nominal volts at which such a pixel still looks like it. */
  public int percent(LoadKind kind) {
    int percent = 100;
    while (percent > 1 && keeps(WhiteTest.light(kind, (percent - 1) / 100.0))) {
      percent--;
    }
    return percent;
  }

  /** The same for all pixels of a show, those of its types that mind most. */
  public int percent(Show show) {
    var types = show.catalogue().pixelTypesById();
    return show.runs().stream()
        .filter(r -> types.containsKey(r.type()))
        .map(r -> types.get(r.type()).load())
        .distinct()
        .mapToInt(this::percent)
        .max()
        .orElseGet(() -> percent(LoadKind.CONSTANT_CURRENT));
  }

  private boolean keeps(double[] light) {
    double green = light[1] / light[0];
    double blue = light[2] / light[0];
    return switch (this) {
      case UNSEEN -> blue >= BLUE_UNSEEN;
      case CAMERA -> blue >= BLUE_ON_CAMERA;
      case YELLOW -> green >= GREEN_YELLOW;
      case ORANGE -> green >= GREEN_ORANGE;
    };
  }

  /** The look of full white at so many percent of the volts, for the show's most delicate type. */
  public static int rgb(Show show, double percent) {
    var types = show.catalogue().pixelTypesById();
    boolean regulated =
        !show.runs().isEmpty()
            && show.runs().stream()
                .filter(r -> types.containsKey(r.type()))
                .allMatch(r -> types.get(r.type()).load() == LoadKind.CONSTANT_POWER);
    return WhiteTest.rgb(
        regulated ? LoadKind.CONSTANT_POWER : LoadKind.CONSTANT_CURRENT, percent / 100);
  }
}
