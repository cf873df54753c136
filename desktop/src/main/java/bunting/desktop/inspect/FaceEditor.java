package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Face;
import bunting.core.show.Show;
import bunting.core.show.edit.FaceEdits;
import bunting.core.show.edit.Names;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;

/** The faces of a site: their names and corners, and a whole house of three measures. */
final class FaceEditor {
  private static final double WIDE_M = 10;
  private static final double DEEP_M = 8;

  private final Session session;
  private final Show show;
  private final Lengths lengths;

  FaceEditor(Session session, Show show) {
    this.session = session;
    this.show = show;
    this.lengths = Lengths.of(show);
  }

  void addTo(Form form) {
    form.heading("Faces");
    form.words(
        "Sheets beside the front, seen from outside: left corner first. V on the elevation goes"
            + " round them, A draws one on the plan.");
    List<Face> faces = show.survey().faces();
    for (int i = 0; i < faces.size(); i++) {
      face(form, faces.get(i), i);
    }
    Optional<Face> right = named(faces, "Right");
    Optional<Face> left = named(faces, "Left");
    double from = left.map(Face::toX).orElse(0.0);
    double wide = right.map(r -> r.fromX() - from).filter(w -> w > 0).orElse(WIDE_M);
    double deep = right.map(Face::toZ).filter(d -> d > 0).orElse(DEEP_M);
    form.length(
        "House, wide", "edit-house-wide", wide, lengths, Range.FACE, v -> house(from, v, deep));
    form.length(
        "House, deep", "edit-house-deep", deep, lengths, Range.FACE, v -> house(from, wide, v));
    if (right.isEmpty()) {
      form.button("edit-house", "Stand a house there", () -> house(from, wide, deep));
    }
  }

  private static Optional<Face> named(List<Face> faces, String name) {
    return faces.stream().filter(f -> f.name().equals(name)).findFirst();
  }

  private void house(double from, double wide, double deep) {
    session.edit(
        "The house is " + lengths.text(wide) + " wide and " + lengths.text(deep) + " deep.",
        s -> FaceEdits.house(s, from, wide, deep));
  }

  private void face(Form form, Face face, int i) {
    form.text("Face", "edit-face-" + i, face.name(), "", text -> name(face, text));
    corner(
        form,
        "begins, across",
        "edit-face-from-x-" + i,
        face.fromX(),
        face,
        v -> f -> f.between(v, f.fromZ(), f.toX(), f.toZ()));
    corner(
        form,
        "begins, back",
        "edit-face-from-z-" + i,
        face.fromZ(),
        face,
        v -> f -> f.between(f.fromX(), v, f.toX(), f.toZ()));
    corner(
        form,
        "ends, across",
        "edit-face-to-x-" + i,
        face.toX(),
        face,
        v -> f -> f.between(f.fromX(), f.fromZ(), v, f.toZ()));
    corner(
        form,
        "ends, back",
        "edit-face-to-z-" + i,
        face.toZ(),
        face,
        v -> f -> f.between(f.fromX(), f.fromZ(), f.toX(), v));
    form.button(
        "edit-face-away-" + i,
        "Take " + face.name() + " away",
        () ->
            session.edit(
                face.name() + " is gone; what hangs there stays in its place.",
                s -> FaceEdits.removed(s, face.name())));
  }

  private void corner(
      Form form,
      String label,
      String id,
      double metres,
      Face face,
      DoubleFunction<UnaryOperator<Face>> change) {
    form.length(
        label,
        id,
        metres,
        lengths,
        Range.PLACE,
        v ->
            session.edit(
                face.name() + " stands otherwise.",
                s -> FaceEdits.changed(s, face.name(), change.apply(v))));
  }

  private Optional<String> name(Face face, String text) {
    boolean taken =
        text.equals(Face.FRONT)
            || show.survey().faces().stream()
                .anyMatch(f -> f.name().equals(text) && !f.equals(face));
    if (!Names.sound(text) || taken) {
      return Optional.of(taken ? "Another face has this name." : Names.WANTED);
    }
    session.edit(
        face.name() + " is called " + text + ".",
        s -> FaceEdits.changed(s, face.name(), f -> f.withName(text)));
    return Optional.empty();
  }
}
