package bunting.core.survey;

import bunting.core.show.Face;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.Underlay;
import java.util.Optional;

/**
 * How the site is looked at and drawn on: a vertical sheet seen from outside, or the plan from
 * above. Places on it have two coordinates, across and up; a place of the site has those of the
 * place of the sheet that lies nearest.
 */
public sealed interface Sheet {
  /** What hangs at most so far off a face is on it, metres: eaves stand out from their wall. */
  double NEAR_M = 0.45;

  /** Its name. */
  String name();

  /** A place's first coordinate, to the right, metres. */
  double across(Point p);

  /** A place's second coordinate, metres. */
  double up(Point p);

  /** How far a place is off the sheet, metres; from above nothing is. */
  double off(Point p);

  /** The place of the site that a point of the sheet is. */
  Point at(double across, double up);

  /**
   * The place of the site that a point of the sheet is, where something hangs already: from above
   * it hangs as high.
   */
  default Point beside(Point like, double across, double up) {
    return this instanceof Plan ? new Point(across, like.y(), up) : at(across, up);
  }

  /** How far two places are apart as they are seen on it, metres. */
  default double apart(Point a, Point b) {
    return Math.hypot(across(a) - across(b), up(a) - up(b));
  }

  /** A place moved along the sheet. */
  Point moved(Point p, double across, double up);

  /** A face: its coordinates begin at its left corner on the ground. */
  record Standing(Face face) implements Sheet {
    @Override
    public String name() {
      return face.name();
    }

    private double cos() {
      return (face.toX() - face.fromX()) / face.widthM();
    }

    private double sin() {
      return (face.toZ() - face.fromZ()) / face.widthM();
    }

    @Override
    public double across(Point p) {
      return (p.x() - face.fromX()) * cos() + (p.z() - face.fromZ()) * sin();
    }

    @Override
    public double up(Point p) {
      return p.y();
    }

    @Override
    public double off(Point p) {
      return Math.abs((p.z() - face.fromZ()) * cos() - (p.x() - face.fromX()) * sin());
    }

    @Override
    public Point at(double across, double up) {
      return new Point(face.fromX() + across * cos(), up, face.fromZ() + across * sin());
    }

    @Override
    public Point moved(Point p, double across, double up) {
      return p.plus(across * cos(), up, across * sin());
    }

    /** Whether a place is on it, neither before nor beside it. */
    boolean holds(Point p) {
      double across = across(p);
      return off(p) <= NEAR_M && across >= -NEAR_M && across <= face.widthM() + NEAR_M;
    }
  }

  /** From above: x to the right, z away; what is new on it lies on the ground. */
  record Plan() implements Sheet {
    @Override
    public String name() {
      return "Plan";
    }

    @Override
    public double across(Point p) {
      return p.x();
    }

    @Override
    public double up(Point p) {
      return p.z();
    }

    @Override
    public double off(Point p) {
      return 0;
    }

    @Override
    public Point at(double across, double up) {
      return new Point(across, 0, up);
    }

    @Override
    public Point moved(Point p, double across, double up) {
      return p.plus(across, 0, up);
    }
  }

  /** The picture that lies under it. */
  default Optional<Underlay> underlay(Survey survey) {
    return switch (this) {
      case Plan p -> Optional.empty();
      case Standing s when s.face().name().equals(Face.FRONT) -> survey.underlay();
      case Standing s -> s.face().underlay();
    };
  }

  /** The show with another picture under it; from above there is none. */
  default Show withUnderlay(Show show, Optional<Underlay> picture) {
    Survey survey = show.survey();
    return switch (this) {
      case Plan p -> show;
      case Standing s when s.face().name().equals(Face.FRONT) ->
          show.withSurvey(survey.withUnderlay(picture));
      case Standing s ->
          show.withSurvey(
              survey.withFaces(
                  survey.faces().stream()
                      .map(f -> f.name().equals(s.name()) ? f.withUnderlay(picture) : f)
                      .toList()));
    };
  }

  /**
   * Whether a place is seen on it: the plan sees all; a face what hangs on it; the front all that
   * hangs on no face.
   */
  default boolean sees(Survey survey, Point p) {
    return switch (this) {
      case Plan plan -> true;
      case Standing s when s.face().name().equals(Face.FRONT) ->
          survey.faces().isEmpty()
              || s.off(p) <= NEAR_M
              || survey.faces().stream().noneMatch(f -> new Standing(f).holds(p));
      case Standing s -> s.holds(p);
    };
  }
}
