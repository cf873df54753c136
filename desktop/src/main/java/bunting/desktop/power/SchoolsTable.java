package bunting.desktop.power;

import bunting.core.plan.SchoolTable;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Texts;
import bunting.desktop.kit.Words;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/** The ways of feeding a line side by side, and what the rule of thumb would waste or risk. */
final class SchoolsTable {
  private static final double NAME_MAX = 126;
  private static final String[] HEADS = {"Way", "feeds", "copper", "price", "least"};

  private SchoolsTable() {}

  static List<Node> of(List<SchoolTable.Row> rows) {
    GridPane grid = new GridPane();
    grid.setHgap(8);
    grid.setVgap(2);
    for (int c = 0; c < HEADS.length; c++) {
      Label head = Words.soft(HEADS[c]);
      head.setMinWidth(Region.USE_PREF_SIZE);
      grid.add(head, c, 0);
    }
    int r = 1;
    for (SchoolTable.Row row : rows) {
      Label name = new Label(name(row));
      name.setMaxWidth(NAME_MAX);
      Label least = cell(least(row));
      least.getStyleClass().add(row.holds() ? "judged-good" : "is-wrong-text");
      grid.addRow(
          r++,
          name,
          cell(Integer.toString(row.feeds())),
          cell(Texts.fixed(row.copperKg(), 1) + " kg"),
          cell(Texts.fixed(row.price(), 0)),
          least);
    }
    return List.of(
        Words.subheading("Ways of feeding this line, solved"),
        grid,
        Words.softLines(
            verdict(rows)
                + " Practice, no source: 5 V each 150 px, 12 V each 5 m, 24 V each 325 px."));
  }

  private static Label cell(String text) {
    Label label = new Label(text);
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  private static String name(SchoolTable.Row row) {
    return switch (row.school()) {
      case EVERY -> "each " + row.everyPixels() + " px";
      case TRUNK -> "trunk";
      case SECOND_SUPPLY -> "two supplies";
      case PORT_FIRST -> "port first";
      case BEST -> "fewest";
      case FRONT, ENDS -> row.school().text();
    };
  }

  private static String least(SchoolTable.Row row) {
    return row.leastPercent() <= 0
        ? "! fails"
        : (row.holds() ? "" : "! ") + Texts.fixed(row.leastPercent(), 0) + " %";
  }

  /** What the rule of thumb would waste or risk beside the cheapest that holds. */
  static String verdict(List<SchoolTable.Row> rows) {
    SchoolTable.Row thumb = row(rows, InjectionSchool.EVERY);
    String gives =
        thumb.leastPercent() > 0
            ? ", and gives " + Texts.fixed(thumb.leastPercent(), 0) + " % of the volts."
            : ".";
    if (!thumb.holds()) {
      return "The rule of thumb would risk it: it does not hold here" + gives;
    }
    double least =
        rows.stream()
            .filter(SchoolTable.Row::holds)
            .mapToDouble(SchoolTable.Row::price)
            .min()
            .orElse(thumb.price());
    return thumb.price() > least + 0.5
        ? "The rule of thumb would cost " + Texts.fixed(thumb.price() - least, 0) + " more" + gives
        : "The rule of thumb does as well here" + gives;
  }

  private static SchoolTable.Row row(List<SchoolTable.Row> rows, InjectionSchool school) {
    return rows.stream().filter(r -> r.school() == school).findFirst().orElseThrow();
  }
}
