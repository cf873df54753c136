package bunting.desktop.bench;

import bunting.core.faults.Cause;
import bunting.core.faults.FaultText;
import bunting.core.faults.NextTest;
import bunting.core.faults.Observed;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What was told, what it may be, what to try next. */
final class SymptomSide extends SidePanel {
  private static final int CAUSES = 5;
  private static final double BAR = 60;

  private final SymptomModel model;
  private final VBox told = new VBox(3);
  private final VBox causes = new VBox(6);
  private final VBox next = new VBox(6);

  SymptomSide(SymptomModel model) {
    super("symptom-side", 12);
    this.model = model;
    content().getChildren().addAll(told, causes, next);
    model.told().addListener(o -> refresh());
    model.answer().addListener(o -> refresh());
    model.chosen().addListener(o -> refresh());
    model.looking().addListener(o -> causes());
    refresh();
  }

  private void refresh() {
    told.getChildren().setAll(Words.subheading("Told so far"));
    Observed now = model.told().get();
    int n = 0;
    for (Observed.Seen s : now.seen()) {
      told.getChildren()
          .add(
              row(
                  n++,
                  s.sending().pattern().id()
                      + ": "
                      + s.run()
                      + " "
                      + s.firstPixel()
                      + "–"
                      + s.lastPixel()
                      + " "
                      + s.looks().id()));
    }
    for (Observed.Reading r : now.readings()) {
      String text = r.run() + " " + r.pixel() + ": " + Texts.fixed(r.volts(), 2) + " V";
      told.getChildren().add(row(n++, text));
    }
    if (now.isEmpty()) {
      told.getChildren()
          .add(
              Words.softLines(
                  "Nothing. Say what looks wrong, and what looks right near by: both tell."));
    } else {
      told.getChildren().add(Buttons.small("symptom-anew", "Begin anew", model::forget));
    }
    causes();
    next();
  }

  private HBox row(int n, String text) {
    Label label = Words.lines(text, "fine");
    HBox.setHgrow(label, Priority.ALWAYS);
    label.setMaxWidth(Double.MAX_VALUE);
    Button away = Buttons.small("told-away-" + n, "×", () -> model.takeBack(n));
    away.setAccessibleText("Take back: " + text);
    HBox row = new HBox(6, label, away);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private void causes() {
    causes.getChildren().clear();
    List<Cause> all = model.answer().get().causes();
    if (model.told().get().isEmpty()) {
      return;
    }
    causes.getChildren().add(Words.subheading("What it may be"));
    if (model.looking().get()) {
      HBox looking =
          new HBox(
              8,
              Words.soft("Looking for the cause…"),
              Buttons.small("symptom-stop", "Stop", model::stop));
      looking.setAlignment(Pos.CENTER_LEFT);
      causes.getChildren().add(looking);
      return;
    }
    if (all.isEmpty()) {
      causes
          .getChildren()
          .add(
              Words.softLines(
                  model.stopped()
                      ? "Stopped. Tell more, or take something back, to look again."
                      : "Nothing here explains that."));
    }
    for (Cause c : all.stream().limit(CAUSES).toList()) {
      causes.getChildren().add(cause(c));
    }
  }

  private Node cause(Cause c) {
    boolean on = model.chosen().get().filter(c.fault()::equals).isPresent();
    Region bar = new Region();
    bar.getStyleClass().add("volts-bar");
    bar.setMinSize(Math.max(2, BAR * c.share()), 8);
    bar.setMaxSize(Math.max(2, BAR * c.share()), 8);
    HBox track = new HBox(bar);
    track.setMinWidth(BAR);
    track.setAlignment(Pos.CENTER_LEFT);
    String percent = c.share() < 0.01 ? "< 1 %" : Texts.fixed(100 * c.share(), 0) + " %";
    HBox top = new HBox(8, track, Words.figure(percent));
    top.setAlignment(Pos.CENTER_LEFT);
    VBox box = new VBox(2, top, Words.lines(FaultText.name(c.fault()), "figure"));
    if (on) {
      box.getChildren().addAll(Words.lines(FaultText.cure(c.fault())), Words.softLines(c.why()));
    }
    box.setId("cause-" + c.fault().kind().id());
    box.getStyleClass().add(on ? "cause-on" : "cause");
    box.setFocusTraversable(true);
    box.setAccessibleRole(AccessibleRole.BUTTON);
    box.setAccessibleText(percent + ", " + FaultText.name(c.fault()));
    box.setOnMouseClicked(e -> model.chosen().set(Optional.of(c.fault())));
    box.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
            model.chosen().set(Optional.of(c.fault()));
            e.consume();
          }
        });
    return box;
  }

  private void next() {
    next.getChildren().clear();
    List<NextTest> tests = model.answer().get().tests();
    if (tests.isEmpty()) {
      return;
    }
    next.getChildren().add(Words.subheading("Try next"));
    for (NextTest t : tests) {
      VBox box = new VBox(2, Words.lines(t.text()), Words.softLines(t.tells()));
      box.getStyleClass().add("figure-row");
      if (t.act() != NextTest.Act.TRY) {
        box.getChildren()
            .add(
                Buttons.small(
                    "try-" + t.act().id() + "-" + t.pattern().id(),
                    "Do it",
                    () -> {
                      model.pattern().set(t.pattern());
                      model.bench().choose(t.pattern());
                      model
                          .bench()
                          .session()
                          .selection()
                          .set(new Selection.OfRun(t.spots().getFirst().run()));
                    }));
      }
      next.getChildren().add(box);
    }
  }
}
