package bunting.core.show.edit;

import bunting.core.show.Face;
import bunting.core.show.Point;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Sheets on which a site is drawn. What hangs there stays where it is when one goes. */
public final class FaceEdits {
  private FaceEdits() {}

  /** A new face between two corners of the plan; the same show where they are one. */
  public static Show added(Show show, Point from, Point to) {
    List<String> names = new ArrayList<>(List.of(Face.FRONT));
    show.survey().faces().forEach(f -> names.add(f.name()));
    int n = 1;
    while (names.contains("Face " + n)) {
      n++;
    }
    return with(show, new Face("Face " + n, from.x(), from.z(), to.x(), to.z()));
  }

  /**
   * The other three faces of a house whose front is so wide and that is so deep, going round it to
   * the right; those of the same names are replaced.
   */
  public static Show house(Show show, double leftX, double widthM, double depthM) {
    double right = leftX + widthM;
    Show next = show;
    for (Face face :
        List.of(
            new Face("Right", right, 0, right, depthM),
            new Face("Back", right, depthM, leftX, depthM),
            new Face("Left", leftX, depthM, leftX, 0))) {
      next = with(removed(next, face.name()), face);
    }
    return next;
  }

  private static Show with(Show show, Face face) {
    if (face.widthM() < Face.LEAST_M) {
      return show;
    }
    List<Face> faces = new ArrayList<>(show.survey().faces());
    faces.add(face);
    return show.withSurvey(show.survey().withFaces(faces));
  }

  /** Without a face. */
  public static Show removed(Show show, String name) {
    return show.withSurvey(
        show.survey()
            .withFaces(
                show.survey().faces().stream().filter(f -> !f.name().equals(name)).toList()));
  }

  /** A face changed; the same show where there is none of that name. */
  public static Show changed(Show show, String name, UnaryOperator<Face> change) {
    return show.withSurvey(
        show.survey()
            .withFaces(
                show.survey().faces().stream()
                    .map(f -> f.name().equals(name) ? change.apply(f) : f)
                    .toList()));
  }
}
