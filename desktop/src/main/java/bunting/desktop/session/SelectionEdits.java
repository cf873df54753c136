package bunting.desktop.session;

import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.Sheet;

/** What is done to whatever is selected. A port is neither moved nor taken away. */
public final class SelectionEdits {
  private SelectionEdits() {}

  /** The show with what is selected moved; the same show where that cannot be moved. */
  public static Show moved(Show show, Selection what, Sheet sheet, double across, double up) {
    Point by = sheet.moved(new Point(0, 0), across, up);
    return switch (what) {
      case Selection.OfRun r ->
          RunEdits.changed(
              show, r.name(), x -> x.withHanging(x.hanging().moved(by.x(), by.y(), by.z())));
      case Selection.OfRuns r ->
          RunEdits.each(
              show, r.names(), x -> x.withHanging(x.hanging().moved(by.x(), by.y(), by.z())));
      case Selection.OfBox b -> BoxEdits.moved(show, b.controller(), by.x(), by.y(), by.z());
      case Selection.OfPlace p -> PlaceEdits.moved(show, p.kind(), p.id(), by.x(), by.y(), by.z());
      case Selection.OfPort p -> show;
      case Selection.Nothing n -> show;
    };
  }

  /** What a selection is called in a sentence; empty: it is nothing that can be deleted. */
  static String name(Selection what) {
    return switch (what) {
      case Selection.OfRun r -> r.name();
      case Selection.OfRuns r -> Texts.count(r.names().size(), "run", "runs");
      case Selection.OfBox b -> b.controller();
      case Selection.OfPlace p -> p.kind() == PlaceKind.NOTE ? "a note" : p.id();
      case Selection.OfPort p -> "";
      case Selection.Nothing n -> "";
    };
  }

  /** The show without what is selected; the same show where that cannot be taken away. */
  static Show without(Show show, Selection what) {
    return switch (what) {
      case Selection.OfRun r -> RunEdits.removed(show, r.name());
      case Selection.OfRuns r -> {
        Show next = show;
        for (String name : r.names()) {
          next = RunEdits.removed(next, name);
        }
        yield next;
      }
      case Selection.OfBox b -> BoxEdits.removed(show, b.controller());
      case Selection.OfPlace p -> PlaceEdits.removed(show, p.kind(), p.id());
      case Selection.OfPort p -> show;
      case Selection.Nothing n -> show;
    };
  }
}
