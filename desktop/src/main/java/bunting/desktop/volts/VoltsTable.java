package bunting.desktop.volts;

import bunting.core.plan.VoltageOption;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Buttons;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Voltages side by side: figures with bars, words for and against, and a button each. */
final class VoltsTable {
  /** A figure of an option, and its name. */
  private record Figure(
      String name, Function<VoltageOption, String> of, Function<VoltageOption, Double> bar) {}

  private static final List<Figure> FIGURES =
      List.of(
          new Figure(
              "Amps",
              o -> Texts.fixed(o.plan().reading().totals().amps(), 1) + " A",
              o -> o.plan().reading().totals().amps()),
          new Figure(
              "Feeds",
              o -> Integer.toString(o.plan().reading().totals().feeds()),
              o -> (double) o.plan().reading().totals().feeds()),
          new Figure(
              "Cable",
              o -> Lengths.of(o.plan().reading().show()).cable(o.copper().cableM()),
              o -> o.copper().cableM()),
          new Figure(
              "Copper",
              o -> Texts.fixed(o.copper().kilograms(), 1) + " kg",
              o -> o.copper().kilograms()),
          new Figure("Fuses", o -> Integer.toString(o.fuses()), o -> (double) o.fuses()),
          new Figure(
              "Supplies",
              o -> Integer.toString(o.plan().reading().totals().supplies()),
              o -> (double) o.plan().reading().totals().supplies()),
          new Figure(
              "Least volts",
              o -> Texts.fixed(o.plan().reading().totals().minVoltsPercent(), 1) + " %",
              o -> 0.0),
          new Figure(
              "Boxes, supplies",
              o ->
                  o.plan()
                      .reading()
                      .show()
                      .settings()
                      .money(o.plan().reading().totals().buildCost()),
              o -> o.plan().reading().totals().buildCost()));

  private final List<VoltageOption> options;
  private final GridPane grid = new GridPane();

  /**
   * @param takeOver takes one of them over
   */
  VoltsTable(List<VoltageOption> options, Consumer<VoltageOption> takeOver) {
    this.options = options;
    grid.getStyleClass().add("volts-grid");
    grid.setHgap(16);
    grid.setVgap(7);
    ColumnConstraints names = new ColumnConstraints(104);
    grid.getColumnConstraints().add(names);
    for (int i = 0; i < options.size(); i++) {
      ColumnConstraints c = new ColumnConstraints(126, 180, 260);
      c.setHgrow(Priority.ALWAYS);
      grid.getColumnConstraints().add(c);
    }
    for (int c = 0; c < options.size(); c++) {
      VoltageOption o = options.get(c);
      Label volts = new Label(Texts.number(o.volts()) + " V");
      volts.getStyleClass().add("volts-head");
      Label now = new Label(o.current() ? "as it is" : "");
      now.getStyleClass().add("soft");
      HBox head = new HBox(8, volts, now);
      head.setAlignment(Pos.BASELINE_LEFT);
      grid.add(head, c + 1, 0);
    }
    int row = 1;
    for (Figure figure : FIGURES) {
      Label name = new Label(figure.name());
      name.getStyleClass().add("soft");
      grid.add(name, 0, row);
      double most =
          Math.max(1e-9, options.stream().mapToDouble(o -> figure.bar().apply(o)).max().orElse(1));
      for (int c = 0; c < options.size(); c++) {
        VoltageOption o = options.get(c);
        Label value = new Label(figure.of().apply(o));
        value.getStyleClass().add("figure");
        value.setMinWidth(78);
        Region bar = new Region();
        bar.getStyleClass().add("volts-bar");
        double width = 70 * figure.bar().apply(o) / most;
        bar.setMinSize(width, 7);
        bar.setMaxSize(width, 7);
        HBox cell = new HBox(6, value, bar);
        cell.setAlignment(Pos.CENTER_LEFT);
        grid.add(cell, c + 1, row);
      }
      row++;
    }
    row = words(row, "For it", VoltageOption::strengths);
    row = words(row, "Against it", VoltageOption::weaknesses);
    row = words(row, "Pixels", VoltageOption::basis);
    for (int c = 0; c < options.size(); c++) {
      VoltageOption o = options.get(c);
      String volts = Texts.number(o.volts());
      Button take =
          Buttons.of("take-" + volts, "Take " + volts + " V over", () -> takeOver.accept(o));
      take.setDisable(o.current());
      grid.add(take, c + 1, row);
      GridPane.setHalignment(take, HPos.LEFT);
    }
  }

  /** The table. */
  Node grid() {
    return grid;
  }

  private int words(int row, String name, Function<VoltageOption, List<String>> of) {
    Label label = new Label(name);
    label.getStyleClass().add("soft");
    GridPane.setValignment(label, VPos.TOP);
    grid.add(label, 0, row);
    for (int c = 0; c < options.size(); c++) {
      List<String> all = of.apply(options.get(c));
      String text = String.join("\n", all.subList(0, Math.min(4, all.size())));
      Label words = new Label(all.size() > 4 ? text + "\nand " + (all.size() - 4) + " more" : text);
      words.setWrapText(true);
      words.setMinHeight(Region.USE_PREF_SIZE);
      words.getStyleClass().add("fine");
      GridPane.setValignment(words, VPos.TOP);
      grid.add(words, c + 1, row);
    }
    return row + 1;
  }
}
