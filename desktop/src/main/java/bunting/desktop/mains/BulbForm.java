package bunting.desktop.mains;

import bunting.core.limits.Range;
import bunting.core.loads.BulbSums;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Words;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Bulbs to amps and amps to bulbs, without a show. */
final class BulbForm {
  private static final int LINES = 4;

  private final Label found = Words.lines("");
  private final double mainsVolts;
  private final Lengths lengths;
  private int bulbs = 100;
  private double watts = 5;
  private double cord = 7;
  private double spacing = 0.3;

  private BulbForm(double mainsVolts, Lengths lengths) {
    this.mainsVolts = mainsVolts;
    this.lengths = lengths;
    found.setId("bulb-found");
  }

  static Node of(double mainsVolts, Lengths lengths) {
    BulbForm sums = new BulbForm(mainsVolts, lengths);
    Form form = new Form();
    form.heading("Bulb strings, both ways round");
    form.whole("Bulbs", "bulb-count", sums.bulbs, "", Range.PIXELS, v -> sums.bulbs(v)).atOnce();
    form.number("Each", "bulb-watts", sums.watts, "W", Range.BULB_WATTS, v -> sums.watts(v))
        .atOnce();
    form.number("Cord bears", "bulb-cord", sums.cord, "A", Range.CORD_AMPS, v -> sums.cord(v))
        .atOnce();
    form.length("Apart", "bulb-spacing", sums.spacing, lengths, Range.LENGTH, v -> sums.spacing(v))
        .atOnce();
    form.add(sums.found);
    sums.tell();
    VBox box = new VBox(6);
    box.getChildren().setAll(form.rows());
    return box;
  }

  private void bulbs(int n) {
    bulbs = n;
    tell();
  }

  private void watts(double w) {
    watts = w;
    tell();
  }

  private void cord(double amps) {
    cord = amps;
    tell();
  }

  private void spacing(double metres) {
    spacing = metres;
    tell();
  }

  private void tell() {
    double divisor = mainsVolts * BulbSums.SAFE_SHARE;
    StringBuilder text = new StringBuilder();
    text.append(
        Texts.count(bulbs, "bulb", "bulbs")
            + ": "
            + Texts.number(bulbs * watts)
            + " W / "
            + Texts.fixed(divisor, 0)
            + " = "
            + Texts.fixed(BulbSums.amps(bulbs, watts, mainsVolts), 2)
            + " A.\n"
            + Texts.number(cord)
            + " A: "
            + Texts.count(BulbSums.bulbs(cord, watts, mainsVolts), "bulb", "bulbs")
            + ", in total behind one plug.");
    List<BulbSums.Feed> feeds = BulbSums.line(bulbs, watts, cord, mainsVolts, spacing);
    for (int i = 1; i < feeds.size() && i < LINES; i++) {
      BulbSums.Feed f = feeds.get(i);
      text.append(
          "\nNew feed at bulb "
              + f.firstBulb()
              + (spacing > 0 ? ", " + lengths.rough(f.startM()) + " along" : "")
              + (f.because() == BulbSums.Because.TOO_LONG
                  ? ": farther on the light is uneven."
                  : ": the cord is full."));
    }
    if (feeds.size() > LINES) {
      text.append("\n… " + feeds.size() + " feeds in all.");
    }
    found.setText(text.toString());
  }
}
