package bunting.desktop.power;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.explain.PowerExplanations;
import bunting.core.plan.SchoolTable;
import bunting.core.show.Texts;
import bunting.core.whatif.Outcome;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Figures;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Beside the power screen: what is lost, the arithmetic of the chosen feed, ways of feeding. */
final class PowerSide extends SidePanel {
  private final Session session;
  private final PowerModel model;
  private final VBox top = new VBox(5);
  private final VBox schools = new VBox(4);
  private final VBox ways = new VBox(5);
  private final Newest table;
  private Optional<Reading> tabled = Optional.empty();
  private String tabledPort = "";

  PowerSide(Session session, PowerModel model) {
    super("power-side", 10);
    this.session = session;
    this.model = model;
    this.table = new Newest(session.background());
    content().getChildren().addAll(top, schools, ways);
    model.shown().addListener(o -> refresh());
    model.feed().addListener(o -> refresh());
    session.document().show().addListener(o -> keepingFocus(this::ways));
    sceneProperty().addListener(o -> refresh());
    refresh();
    ways();
  }

  private void ways() {
    Form form = new Form();
    session
        .show()
        .ifPresent(
            show -> {
              WaysEditor.addTo(form, session, show);
              CopperEditor.addTo(form, session, show);
            });
    ways.getChildren().setAll(form.rows());
  }

  private void refresh() {
    List<Node> rows = new ArrayList<>();
    model.shown().get().ifPresent(reading -> fill(rows, reading));
    top.getChildren().setAll(rows);
    schools();
  }

  private void fill(List<Node> rows, Reading shown) {
    model.outcome().ifPresent(o -> rows.addAll(outcome(o)));
    PowerExplanations why = new PowerExplanations(shown);
    Optional<String> feed = model.feedReading().map(f -> f.feed().id());
    if (feed.isPresent()) {
      rows.add(Words.subheading("The chosen feed"));
      why.feed(feed.get()).forEach(l -> rows.add(Figures.row(l)));
    } else {
      model
          .port()
          .flatMap(p -> supply(shown, p))
          .ifPresent(
              id -> {
                rows.add(Words.subheading("Supply " + id));
                why.supply(id).forEach(l -> rows.add(Figures.row(l)));
              });
      model.port().ifPresent(p -> why.input(p.controller()).forEach(l -> rows.add(Figures.row(l))));
    }
    if (model.byHand().held()) {
      rows.add(
          Buttons.small(
              "power-release", "Let the planner set this line's feeds", model.byHand()::release));
    }
  }

  /** The supply of a port's box, else that of its first feed. */
  private static Optional<String> supply(Reading shown, PortReading port) {
    return port.box()
        .supply()
        .or(
            () ->
                shown.feeds().stream()
                    .filter(
                        f ->
                            port.segments().stream()
                                .anyMatch(s -> s.segment().id().equals(f.feed().segment())))
                    .map(f -> f.feed().supply())
                    .findFirst());
  }

  private static List<Node> outcome(Outcome o) {
    List<Node> rows = new ArrayList<>();
    rows.add(Words.subheading("Without " + o.loss().text()));
    rows.add(Words.lines(o.text() + ".", "is-wrong-text"));
    o.lowest()
        .ifPresent(
            l ->
                rows.add(
                    Words.lines(
                        "What is left is lowest at pixel "
                            + l.pixel()
                            + " of "
                            + l.run()
                            + ": "
                            + Texts.fixed(l.volts(), 2)
                            + " V, "
                            + Texts.fixed(l.percent(), 0)
                            + " %.")));
    for (Outcome.Overload burn : o.burns()) {
      rows.add(
          Words.lines(
              "In the end "
                  + burn.id()
                  + " carries "
                  + Texts.fixed(burn.amps(), 1)
                  + " A, bears "
                  + Texts.number(burn.mostAmps())
                  + " A, and no fuse opens: it burns.",
              "is-wrong-text"));
    }
    for (Outcome.Overload over : o.overloads()) {
      rows.add(
          Words.lines(
              over.id()
                  + " would carry "
                  + Texts.fixed(over.amps(), 1)
                  + " A and is rated "
                  + Texts.number(over.mostAmps())
                  + " A."));
    }
    return rows;
  }

  /** The table takes some tenths of a second: made beside the interface, and only when seen. */
  private void schools() {
    Optional<Reading> base = model.base();
    Optional<PortReading> at = model.port();
    String port = at.map(p -> p.controller() + ":" + p.port()).orElse("");
    if (getScene() == null || (base.equals(tabled) && port.equals(tabledPort))) {
      return;
    }
    tabled = base;
    tabledPort = port;
    if (base.isEmpty() || at.isEmpty()) {
      table.stop();
      schools.getChildren().clear();
      return;
    }
    table.ask(
        "comparing ways of feeding",
        job -> SchoolTable.of(base.get(), at.get()),
        rows -> schools.getChildren().setAll(SchoolsTable.of(rows)),
        why ->
            schools
                .getChildren()
                .setAll(Words.subheading("Ways of feeding this line"), Words.lines(why)));
  }

  /** Whether the table of ways is being made. */
  boolean busy() {
    return table.busy().get();
  }
}
