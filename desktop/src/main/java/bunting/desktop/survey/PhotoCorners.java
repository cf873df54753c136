package bunting.desktop.survey;

import bunting.core.show.Point;
import bunting.core.show.Underlay;
import bunting.core.survey.Sheet;
import bunting.core.units.Lengths;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.StraightPhoto;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Four corners that were set in a photo, on their way to put it straight. */
final class PhotoCorners {
  /** A rectangle has so many. */
  static final int COUNT = 4;

  private final Session session;
  private final Sheet sheet;
  private final List<Point> corners;

  /** A photo put straight, or the sentence why it is not. */
  private record Drawn(Optional<Underlay> straight, String problem) {}

  /**
   * @param corners in the sheet's own two coordinates, once round the rectangle
   */
  PhotoCorners(Session session, Sheet sheet, List<Point> corners) {
    this.session = session;
    this.sheet = sheet;
    this.corners = inOrder(corners);
  }

  /**
   * Returns the corners as lower left, lower right, upper right, upper left: in whichever direction
   * and from whichever corner they were set.
   */
  static List<Point> inOrder(List<Point> corners) {
    double area = 0;
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      area += a.x() * b.y() - b.x() * a.y();
    }
    List<Point> round = area < 0 ? corners.reversed() : corners;
    int lowerLeft = 0;
    for (int i = 1; i < round.size(); i++) {
      Point least = round.get(lowerLeft);
      lowerLeft = round.get(i).x() + round.get(i).y() < least.x() + least.y() ? i : lowerLeft;
    }
    List<Point> ordered = new ArrayList<>(round);
    Collections.rotate(ordered, -lowerLeft);
    return List.copyOf(ordered);
  }

  /** Begins to draw it anew; false where the measures are none. */
  boolean straighten(Underlay photo, String typed, Lengths lengths) {
    String[] both = typed.strip().split("\\s*x\\s*", -1);
    Optional<Double> width = both.length == 2 ? lengths.metres(both[0]) : Optional.empty();
    Optional<Double> height = both.length == 2 ? lengths.metres(both[1]) : Optional.empty();
    if (width.filter(w -> w > 0).isEmpty() || height.filter(h -> h > 0).isEmpty()) {
      session.say("Type how wide and how high the rectangle is, such as 4.2 x 2.5.");
      return false;
    }
    List<Point> inPhoto = corners.stream().map(c -> inPhoto(photo, c)).toList();
    session.say("The photo is being put straight.");
    session
        .background()
        .run(
            "putting a photo straight",
            job -> {
              try {
                return new Drawn(
                    StraightPhoto.of(
                        photo,
                        inPhoto,
                        width.get(),
                        height.get(),
                        corners.getFirst(),
                        job::stopped),
                    "");
              } catch (BadInputException e) {
                return new Drawn(Optional.empty(), String.valueOf(e.getMessage()));
              }
            },
            drawn -> lay(photo, drawn, lengths, width.get()),
            session::say);
    return true;
  }

  private void lay(Underlay photo, Drawn drawn, Lengths lengths, double width) {
    if (drawn.straight().isEmpty()) {
      session.say(drawn.problem());
      return;
    }
    // Another picture may lie there by now.
    session.edit(
        "The photo is straight and to scale: the rectangle is " + lengths.text(width) + " wide.",
        s ->
            sheet.underlay(s.survey()).filter(photo::equals).isPresent()
                ? sheet.withUnderlay(s, drawn.straight())
                : s);
  }

  /** Pixels of the photo, from its upper left corner, under a point of the sheet. */
  private static Point inPhoto(Underlay u, Point at) {
    double angle = Math.toRadians(-u.turnDeg());
    double dx = at.x() - u.origin().x();
    double dy = at.y() - u.origin().y();
    double across = (dx * Math.cos(angle) - dy * Math.sin(angle)) / u.metresPerUnit();
    double up = (dx * Math.sin(angle) + dy * Math.cos(angle)) / u.metresPerUnit();
    return new Point(across, u.picture().height() - up);
  }
}
