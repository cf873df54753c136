package bunting.core.faults;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A picture as somebody who looks at it tells it: stretches of one look. */
public final class Stretches {
  private Stretches() {}

  /**
   * What is seen of a part of a run under what is sent. Where no look tells, it is told as right:
   * somebody who sees nothing odd says so.
   */
  public static List<Observed.Seen> of(
      Picture picture, Layout.Part part, Observed.Sending sending) {
    List<Observed.Seen> all = new ArrayList<>();
    var s = part.segment().segment();
    int from = 0;
    for (int i = 1; i <= s.pixels(); i++) {
      Looks look = look(picture, part.start() + from);
      if (i == s.pixels() || look(picture, part.start() + i) != look) {
        all.add(
            new Observed.Seen(
                sending, s.run(), s.firstPixel() + from, s.firstPixel() + i - 1, look));
        from = i;
      }
    }
    return all;
  }

  private static Looks look(Picture picture, int at) {
    Optional<Looks> look = picture.looks()[at];
    return look.orElse(Looks.RIGHT);
  }
}
