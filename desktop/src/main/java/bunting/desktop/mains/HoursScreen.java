package bunting.desktop.mains;

import bunting.core.hours.HoursSheet;
import bunting.core.show.Hours;
import bunting.core.show.Texts;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** When the show is lit, by the sun and the clock, and what that takes. */
public final class HoursScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<HoursScreen> SCREEN =
      ScreenDefinition.of("hours", "Power", "Hours", HoursScreen::new)
          .reachedBy("Shortcut+Shift+H", "Power: hours, energy and the dark");

  private final Session session;
  private final HoursModel model;
  private final HoursSide side;
  private final NightsView nights;
  private final FlowPane figures = new FlowPane(26, 12);
  private final Label summary = Words.soft("");

  private HoursScreen(Desk desk) {
    super(10);
    this.session = desk.session();
    this.model = new HoursModel(session);
    this.nights = new NightsView(model, desk.palette());
    this.side = new HoursSide(model);
    getStyleClass().add("sheet");
    setFocusTraversable(true);
    summary.setId("hours-summary");
    figures.setId("hours-figures");
    figures.setMinHeight(USE_PREF_SIZE);
    HBox head = new HBox(12, Words.heading("Hours"), summary);
    head.setAlignment(Pos.BASELINE_LEFT);
    VBox.setVgrow(nights, Priority.ALWAYS);
    Label hint =
        Words.softLines(
            "A column is a day, from noon down to the next noon: dark where the sun is down, amber"
                + " where the show is lit. Sunset and sunrise are the sun's centre at 90.833"
                + " degrees from the zenith; hills and houses make it earlier.");
    getChildren().addAll(head, nights, figures, hint);
    model.answer().addListener(o -> said());
    session.assessment().addListener(o -> refresh());
    session.document().show().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
  }

  private void refresh() {
    if (getScene() != null) {
      model.refresh();
    }
  }

  private void said() {
    Optional<HoursSheet> sheet = model.answer().get().flatMap(HoursModel.Answer::sheet);
    Optional<Hours> hours = model.said();
    summary.setText(
        sheet
            .map(
                s ->
                    Texts.count(s.days().size(), "evening", "evenings")
                        + " lit"
                        + (s.darkDays() > 0
                            ? ", " + Texts.count(s.darkDays(), "day", "days") + " off"
                            : ""))
            .orElse(""));
    figures.getChildren().clear();
    sheet.ifPresent(s -> hours.ifPresent(h -> fill(s, h)));
  }

  private void fill(HoursSheet s, Hours h) {
    double price = h.tariff().pricePerKwh();
    tile(Texts.fixed(s.hours(), 1) + " h", "lit, each lamp");
    tile(Texts.fixed(s.kwhLit(), 1) + " kWh", "lit, at " + Texts.fixed(s.wattsLit(), 0) + " W");
    tile(Texts.fixed(s.kwhDark(), 1) + " kWh", "dark, at " + Texts.fixed(s.wattsDark(), 0) + " W");
    tile(money(s.cost(), h), "lit and dark");
    if (s.darkDays() > 0) {
      tile(Texts.fixed(s.kwhOff(), 1) + " kWh", "days off, " + money(s.costOff(), h));
    }
    tile(money(s.kwhDarkAYear() * price, h), "a year of dark");
  }

  private static String money(double amount, Hours h) {
    return (Texts.fixed(amount, 2) + " " + h.tariff().currency()).strip();
  }

  private void tile(String figure, String what) {
    Node tile = new VBox(1, Words.heading(figure), Words.soft(what));
    figures.getChildren().add(tile);
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return model.busy();
  }
}
