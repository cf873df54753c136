package bunting.desktop.kit;

import bunting.core.explain.Line;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A figure with its arithmetic under it. */
public final class Figures {
  private static final double TITLE_MAX = 150;

  private Figures() {}

  /** A row of a side panel. */
  public static Node row(Line line) {
    Label what = new Label(line.title());
    what.setMaxWidth(TITLE_MAX);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox top = new HBox(6, what, gap, Words.figure(line.figure()));
    top.setAlignment(Pos.BASELINE_LEFT);
    VBox row = new VBox(1, top, Words.lines(line.arithmetic(), "arithmetic"));
    row.getStyleClass().add("figure-row");
    return row;
  }
}
