package bunting.desktop.addresses;

import bunting.core.network.DmxLine;
import bunting.core.units.Lengths;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** A DMX line of dimmer boards. */
final class DmxLineRows {
  private DmxLineRows() {}

  /** A line of boards, each with its start address as a number and as switches. */
  static Node of(DmxLine line, Lengths lengths) {
    Label head =
        new Label(
            "Universe "
                + line.universe()
                + (line.segment() > 1 ? ", behind splitter " + line.segment() : "")
                + ": "
                + line.boards().size()
                + " of "
                + DmxLine.UNIT_LOADS
                + " unit loads, "
                + lengths.rough(line.cableM())
                + " from board to board, "
                + DmxLine.TERMINATION_OHMS
                + " Ω at "
                + line.boards().getLast().dimmer());
    head.setWrapText(true);
    head.setMinHeight(Region.USE_PREF_SIZE);
    VBox box = new VBox(5, head);
    for (DmxLine.Board board : line.boards()) {
      Label name = NetworkScreen.cell(board.dimmer(), 46, "heading-small");
      Label start = NetworkScreen.cell("start " + board.start(), 74);
      Label slots = new Label(board.slots() + " slots");
      slots.getStyleClass().add("soft");
      HBox row = new HBox(8, name, start, switches(board.start()), slots);
      row.setAlignment(Pos.CENTER_LEFT);
      box.getChildren().add(row);
    }
    return box;
  }

  /** Small switches, on at the top; below each what it is worth. */
  private static Node switches(int address) {
    HBox row = new HBox(3);
    row.setAccessibleText("Switches " + DmxLine.switchText(address));
    List<Boolean> on = DmxLine.switches(address);
    for (int i = 0; i < on.size(); i++) {
      Rectangle slot = new Rectangle(13, 20);
      slot.getStyleClass().add("dip-slot");
      Rectangle knob = new Rectangle(9, 8);
      knob.getStyleClass().add(on.get(i) ? "dip-on" : "dip-off");
      StackPane one = new StackPane(slot, knob);
      StackPane.setAlignment(knob, on.get(i) ? Pos.TOP_CENTER : Pos.BOTTOM_CENTER);
      StackPane.setMargin(knob, new Insets(2, 0, 2, 0));
      Label worth = new Label(Integer.toString(1 << i));
      worth.getStyleClass().add("dip-worth");
      VBox column = new VBox(1, one, worth);
      column.setAlignment(Pos.CENTER);
      row.getChildren().add(column);
    }
    return row;
  }
}
