package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.explain.Line;
import bunting.core.explain.PowerExplanations;
import bunting.core.plan.SchoolTable;
import bunting.core.show.Texts;
import bunting.core.whatif.Outcome;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Beside the power screen: what is lost, the arithmetic of the chosen post, schools, ways. */
public final class PowerSide extends ScrollPane {
  private static final double WIDTH = 292;

  private final Session session;
  private final PowerModel model;
  private final VBox top = new VBox(5);
  private final VBox schools = new VBox(4);
  private final VBox ways = new VBox(5);
  private int asked;
  private boolean busy;
  private Optional<Reading> tabled = Optional.empty();
  private String tabledPort = "";

  PowerSide(Session session, PowerModel model) {
    this.session = session;
    this.model = model;
    setId("power-side");
    getStyleClass().add("inspector");
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    setMaxWidth(WIDTH);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    VBox content = new VBox(10, top, schools, ways);
    content.getStyleClass().add("inspector-content");
    setContent(content);
    model.shown().addListener(o -> refresh());
    model.feed().addListener(o -> refresh());
    session.document().show().addListener(o -> ways());
    sceneProperty().addListener(o -> refresh());
    refresh();
    ways();
  }

  private void ways() {
    session
        .show()
        .ifPresent(show -> ways.getChildren().setAll(new WaysEditor(session, show).rows()));
  }

  private void refresh() {
    Optional<Reading> shown = model.shown().get();
    if (shown.isEmpty()) {
      return;
    }
    top.getChildren().clear();
    model.outcome().ifPresent(this::outcome);
    PowerExplanations why = new PowerExplanations(shown.get());
    Optional<String> feed = model.feedReading().map(f -> f.feed().id());
    feed.ifPresentOrElse(
        id -> {
          top.getChildren().add(heading("The chosen post"));
          figures(why.feed(id));
        },
        () -> supply(why));
    Button release = new Button("Let the planner set this line's posts");
    release.setId("power-release");
    release.getStyleClass().add("small");
    release.setOnAction(e -> model.release());
    if (model.held()) {
      top.getChildren().add(release);
    }
    schools();
  }

  private void supply(PowerExplanations why) {
    model
        .port()
        .flatMap(
            p ->
                p.box()
                    .supply()
                    .or(
                        () ->
                            model.shown().get().orElseThrow().feeds().stream()
                                .filter(
                                    f ->
                                        p.segments().stream()
                                            .anyMatch(
                                                s -> s.segment().id().equals(f.feed().segment())))
                                .map(f -> f.feed().supply())
                                .findFirst()))
        .ifPresent(
            id -> {
              top.getChildren().add(heading("Supply " + id));
              figures(why.supply(id));
            });
  }

  private void outcome(Outcome o) {
    top.getChildren().add(heading("Without " + o.loss().text()));
    Label text = wrapped(o.text() + ".");
    text.getStyleClass().add("is-wrong-text");
    top.getChildren().add(text);
    o.lowest()
        .ifPresent(
            l ->
                top.getChildren()
                    .add(
                        wrapped(
                            "What is left is lowest at pixel "
                                + l.pixel()
                                + " of "
                                + l.run()
                                + ": "
                                + Texts.fixed(l.volts(), 2)
                                + " V, "
                                + Texts.fixed(l.percent(), 0)
                                + " %.")));
    for (Outcome.Overload over : o.overloads()) {
      top.getChildren()
          .add(
              wrapped(
                  over.id()
                      + " would carry "
                      + Texts.fixed(over.amps(), 1)
                      + " A and is rated "
                      + Texts.number(over.mostAmps())
                      + " A."));
    }
  }

  private void figures(List<Line> lines) {
    for (Line line : lines) {
      Label name = new Label(line.title());
      Label figure = new Label(line.figure());
      figure.getStyleClass().add("figure");
      Region gap = new Region();
      HBox.setHgrow(gap, Priority.ALWAYS);
      HBox row = new HBox(6, name, gap, figure);
      row.setAlignment(Pos.BASELINE_LEFT);
      Label how = wrapped(line.arithmetic());
      how.getStyleClass().add("soft");
      top.getChildren().add(new VBox(0, row, how));
    }
  }

  /** The table takes some tenths of a second: made beside the interface, and only when seen. */
  private void schools() {
    Optional<Reading> base = model.base();
    String port = model.port().map(p -> p.controller() + ":" + p.port()).orElse("");
    if (getScene() == null || (base.equals(tabled) && port.equals(tabledPort))) {
      return;
    }
    tabled = base;
    tabledPort = port;
    int number = ++asked;
    busy = base.isPresent() && model.port().isPresent();
    if (!busy) {
      schools.getChildren().clear();
      return;
    }
    Reading reading = base.get();
    var at = model.port().get();
    session
        .background()
        .run(
            "comparing schools of injection",
            job -> SchoolTable.of(reading, at),
            rows -> {
              if (number == asked) {
                busy = false;
                show(rows);
              }
            },
            why -> {
              if (number == asked) {
                busy = false;
                schools.getChildren().setAll(heading("Schools on this line"), wrapped(why));
              }
            });
  }

  private void show(List<SchoolTable.Row> rows) {
    GridPane grid = new GridPane();
    grid.setHgap(8);
    grid.setVgap(2);
    String[] heads = {"School", "feeds", "copper", "least"};
    for (int c = 0; c < heads.length; c++) {
      Label head = soft(heads[c]);
      head.setMinWidth(Region.USE_PREF_SIZE);
      grid.add(head, c, 0);
    }
    int r = 1;
    for (SchoolTable.Row row : rows) {
      String name =
          switch (row.school()) {
            case EVERY -> "thumb: every " + row.everyPixels();
            case TRUNK -> "trunk, taps " + row.everyPixels();
            case SECOND_SUPPLY -> "two supplies";
            case BEST, FRONT, ENDS -> row.school().text();
          };
      Label label = new Label(name);
      label.setMaxWidth(126);
      grid.add(label, 0, r);
      grid.add(figure(Integer.toString(row.feeds())), 1, r);
      grid.add(figure(Texts.fixed(row.copperKg(), 1) + " kg"), 2, r);
      Label least =
          figure(
              row.leastPercent() <= 0
                  ? "! fails"
                  : (row.holds() ? "" : "! ") + Texts.fixed(row.leastPercent(), 0) + " %");
      least.getStyleClass().add(row.holds() ? "judged-good" : "is-wrong-text");
      grid.add(least, 3, r++);
    }
    schools.getChildren().setAll(heading("Schools on this line, solved"), grid, verdict(rows));
  }

  /** What the rule of thumb would waste or risk. */
  private static Label verdict(List<SchoolTable.Row> rows) {
    SchoolTable.Row best = row(rows, bunting.core.show.InjectionSchool.BEST);
    SchoolTable.Row thumb = row(rows, bunting.core.show.InjectionSchool.EVERY);
    String text;
    if (!thumb.holds()) {
      text = "The rule of thumb would risk it: it does not hold here.";
    } else if (thumb.feeds() > best.feeds()) {
      text =
          "The rule of thumb would waste "
              + (thumb.feeds() - best.feeds())
              + (thumb.feeds() - best.feeds() == 1 ? " feed." : " feeds.");
    } else if (thumb.copperKg() > best.copperKg() + 0.05) {
      text =
          "The rule of thumb needs as many feeds and "
              + Texts.fixed(thumb.copperKg() - best.copperKg(), 1)
              + " kg more copper.";
    } else {
      text = "The rule of thumb does as well here.";
    }
    Label label =
        wrapped(text + " Practice, no source: 5 V each 150 px, 12 V each 5 m, 24 V each 325 px.");
    label.getStyleClass().add("soft");
    return label;
  }

  private static SchoolTable.Row row(
      List<SchoolTable.Row> rows, bunting.core.show.InjectionSchool school) {
    return rows.stream().filter(r -> r.school() == school).findFirst().orElseThrow();
  }

  /** Whether the table of schools is being made. */
  public boolean busy() {
    return busy;
  }

  private static Label figure(String text) {
    Label label = new Label(text);
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  private static Label heading(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("heading-small");
    return label;
  }

  private static Label soft(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("soft");
    return label;
  }

  private static Label wrapped(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }
}
