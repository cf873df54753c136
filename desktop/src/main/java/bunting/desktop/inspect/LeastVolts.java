package bunting.desktop.inspect;

import bunting.core.dc.Look;
import bunting.core.limits.Range;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** How far volts may fall, by how full white then looks, or as a percent of one's own. */
final class LeastVolts {
  private static final double SWATCH = 14;

  /** A choice. */
  private record Choice(String text, double percent) {
    String named() {
      return Texts.number(percent) + " %: " + text;
    }
  }

  private LeastVolts() {}

  static void addTo(Form form, Session session, Show show) {
    List<Choice> all = new ArrayList<>();
    for (Look look : Look.values()) {
      all.add(new Choice(look.text(), look.percent(show)));
    }
    double now = show.settings().minVoltsPercent();
    Choice chosen =
        all.stream().filter(c -> c.percent() == now).findFirst().orElse(new Choice("chosen", now));
    if (!all.contains(chosen)) {
      all.addFirst(chosen);
    }
    ComboBox<Choice> box =
        form.choice(
            "Least volts",
            "edit-least-look",
            all,
            Choice::named,
            chosen,
            c -> take(session, c.percent()));
    box.setCellFactory(list -> new Cell(show));
    box.setButtonCell(new Cell(show));
    form.number("or", "edit-least", now, "% of volts", Range.LEAST_VOLTS, v -> take(session, v));
  }

  private static void take(Session session, double percent) {
    session.edit(
        "Every pixel keeps " + Texts.number(percent) + " % of its volts.",
        s -> s.withSettings(s.settings().withMinVolts(percent)));
  }

  /** The look itself before the words. */
  private static final class Cell extends ListCell<Choice> {
    private final Show show;

    Cell(Show show) {
      this.show = show;
    }

    @Override
    protected void updateItem(Choice item, boolean empty) {
      super.updateItem(item, empty);
      if (empty || item == null) {
        setText("");
        setGraphic(null);
        return;
      }
      int rgb = Look.rgb(show, item.percent());
      Rectangle swatch =
          new Rectangle(SWATCH, SWATCH, Color.rgb(rgb >> 16, rgb >> 8 & 255, rgb & 255));
      swatch.getStyleClass().add("look-swatch");
      setText(item.named());
      setGraphic(swatch);
    }
  }
}
