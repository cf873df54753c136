package bunting.desktop.inspect;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.checks.Finding;
import bunting.core.checks.Subject;
import bunting.core.explain.Explanations;
import bunting.core.explain.Line;
import bunting.core.mains.CircuitPlanner;
import bunting.core.plan.Assessment;
import bunting.core.plan.SmallestChange;
import bunting.core.plan.WhyHere;
import bunting.core.show.Goal;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The selected run, port or box, or the show: what can be edited, of the show as it is now, and
 * below it the figures of the last plan with their arithmetic. A new plan touches only the figures:
 * what is being typed stays.
 */
public final class Inspector extends ScrollPane {
  private static final double WIDTH = 292;

  private final Session session;
  private final VBox facts = new VBox(4);
  private final VBox figures = new VBox(4);
  private final VBox content = new VBox(4, facts, figures);
  private VBox into = facts;
  private Optional<Node> first = Optional.empty();
  private Consumer<Assessment> consequences = plan -> {};
  private boolean late;

  /** An inspector on a session. */
  public Inspector(Session session) {
    this.session = session;
    setId("inspector");
    getStyleClass().add("inspector");
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    setMaxWidth(WIDTH);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
    content.getStyleClass().add("inspector-content");
    facts.getStyleClass().add("inspector-part");
    figures.getStyleClass().add("inspector-part");
    setContent(content);
    sceneProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                now.focusOwnerProperty().addListener(f -> focusMoved());
              }
            });
    session.document().show().addListener(o -> refresh());
    session.selection().addListener(o -> refresh());
    session.assessment().addListener(o -> planned());
    refresh();
  }

  /** Puts the keyboard into the first field. */
  public void focusFirst() {
    first.ifPresent(Node::requestFocus);
  }

  private void refresh() {
    Optional<String> focused = focusedId();
    facts.getChildren().clear();
    first = Optional.empty();
    consequences = plan -> {};
    into = facts;
    session.show().ifPresent(this::fill);
    figures();
    focused.map(id -> content.lookup("#" + id)).ifPresent(Node::requestFocus);
  }

  /**
   * A plan has come: a field among the figures that is being filled in is left until it is done.
   */
  private void planned() {
    late = isTyping();
    if (!late) {
      Optional<String> focused = focusedId();
      figures();
      focused.map(id -> content.lookup("#" + id)).ifPresent(Node::requestFocus);
    }
  }

  private void figures() {
    late = false;
    figures.getChildren().clear();
    into = figures;
    session.assessment().get().ifPresent(consequences);
  }

  private boolean isTyping() {
    Optional<Node> owner = Optional.ofNullable(getScene()).map(javafx.scene.Scene::getFocusOwner);
    return owner.filter(o -> o instanceof TextInputControl && isIn(o, figures)).isPresent();
  }

  private static boolean isIn(Node node, Node parent) {
    Optional<Node> n = Optional.of(node);
    while (n.isPresent() && n.get() != parent) {
      n = n.map(Node::getParent);
    }
    return n.isPresent();
  }

  private void focusMoved() {
    if (late && !isTyping()) {
      planned();
    }
    reveal();
  }

  /** Scrolls the field that has the keyboard into sight. */
  private void reveal() {
    if (focusedId().isEmpty() || getScene() == null) {
      return;
    }
    Node owner = getScene().getFocusOwner();
    double height = content.getHeight() - getViewportBounds().getHeight();
    double top = content.sceneToLocal(owner.localToScene(owner.getBoundsInLocal())).getMinY();
    double shown = getVvalue() * Math.max(0, height);
    boolean inSight = top >= shown && top + 40 <= shown + getViewportBounds().getHeight();
    if (height > 0 && !inSight) {
      setVvalue(Math.max(0, Math.min(1, (top - getViewportBounds().getHeight() / 3) / height)));
    }
  }

  /** The id of the field that has the keyboard, so that its successor can have it again. */
  private Optional<String> focusedId() {
    return Optional.ofNullable(getScene())
        .map(javafx.scene.Scene::getFocusOwner)
        .filter(owner -> isIn(owner, content))
        .map(Node::getId);
  }

  private void fill(Show show) {
    switch (session.selection().get()) {
      case Selection.Nothing n -> whole(show);
      case Selection.OfRun r ->
          show.run(r.name()).ifPresentOrElse(run -> run(show, run), () -> whole(show));
      case Selection.OfPort p -> port(show, p);
      case Selection.OfBox b -> box(show, b.controller());
      case Selection.OfPlace p -> place(show, p);
    }
  }

  private void place(Show show, Selection.OfPlace place) {
    PlaceEditor editor = new PlaceEditor(session, show, place);
    if (!editor.isThere()) {
      whole(show);
      return;
    }
    title(editor.text(), place.kind().text());
    add(editor.rows());
    first = Optional.of(editor.firstField());
    consequences =
        plan -> {
          add(editor.facts(plan.reading()));
          findings(
              plan,
              f -> f.subject().kind() == Subject.Kind.RUN && f.subject().id().equals(place.id()));
        };
  }

  private void whole(Show show) {
    title(show.settings().name(), "the show as a whole");
    ShowEditor editor = new ShowEditor(session, show);
    add(editor.rows());
    add(new PlanningEditor(session, show).rows());
    first = Optional.of(editor.firstField());
    consequences = this::totals;
  }

  private void totals(Assessment plan) {
    var t = plan.reading().totals();
    figure(
        new Line(
            "Amps",
            Texts.fixed(t.amps(), 1) + " A",
            "over all supplies, " + Texts.fixed(t.watts(), 0) + " W"));
    for (var c : plan.reading().circuits()) {
      double usable = c.circuit().breakerAmps() * CircuitPlanner.CONTINUOUS_SHARE;
      figure(
          new Line(
              "Circuit " + c.circuit().id(),
              Texts.fixed(c.loadAmps() + c.circuit().existingAmps(), 1) + " A",
              Texts.fixed(c.loadAmps(), 1)
                  + " A of the show + "
                  + Texts.number(c.circuit().existingAmps())
                  + " A there already; "
                  + Texts.number(c.circuit().breakerAmps())
                  + " A x 80 % = "
                  + Texts.fixed(usable, 1)
                  + " A"));
    }
    for (var g : plan.reading().decisions().report().goals()) {
      figure(
          new Line(
              g.goal().text(),
              Texts.fixed(g.value(), g.goal() == Goal.BOXES || g.goal() == Goal.GROUPS ? 0 : 1)
                  + " "
                  + g.goal().unit(),
              g.proven()
                  ? "proven: no allotment does better"
                  : g.bound().isPresent()
                      ? "at least " + Texts.fixed(g.bound().getAsDouble(), 1) + " is proven"
                      : "found; nothing is proven"));
    }
    hint("Choose a run, a port or a box, or press Ctrl K and type its name.");
  }

  private void run(Show show, Run run) {
    var type = show.catalogue().pixelTypesById().get(run.type());
    title(run.name(), type.name() + run.group().map(g -> " · group " + g).orElse(""));
    RunEditor editor = new RunEditor(session, show, run);
    add(editor.rows());
    first = Optional.of(editor.firstField());
    consequences =
        plan -> {
          editor.planned();
          // Of an earlier version's run the figures are told; a run that is new has none yet.
          plan.reading().show().run(run.name()).ifPresent(planned -> ofRun(plan, planned));
        };
  }

  private void ofRun(Assessment plan, Run run) {
    add(new HandEditor(session, plan.reading(), run).rows());
    unplaced(plan, run);
    WhyHere.of(plan.reading(), run).forEach(this::figure);
    Explanations.ofRun(plan.reading(), run).forEach(this::figure);
    findings(plan, about(plan.reading(), run));
  }

  /** What would place a run that is not: found by trial, and done at a press. */
  private void unplaced(Assessment plan, Run run) {
    plan.reading().decisions().unplaced().stream()
        .filter(u -> u.run().equals(run.name()))
        .findFirst()
        .ifPresent(
            u -> {
              figure(
                  new Line(
                      "Not placed",
                      Texts.number(u.measured() - u.allowed()) + " " + u.unit(),
                      u.lacks()));
              Button ask = new Button("What would place it?");
              ask.setId("smallest-change");
              VBox answer = new VBox(4, ask);
              ask.setOnAction(
                  e -> {
                    ask.setDisable(true);
                    ask.setText("Trying…");
                    session
                        .background()
                        .run(
                            "looking for the smallest change",
                            job -> SmallestChange.of(plan.reading().show(), u),
                            found -> answered(answer, plan, found),
                            why -> {
                              ask.setDisable(false);
                              ask.setText("Try again");
                              session.say(why);
                            });
                  });
              into.getChildren().add(answer);
            });
  }

  private void answered(VBox answer, Assessment plan, Optional<SmallestChange.Change> found) {
    Label text =
        new Label(
            found
                .map(c -> "The smallest change that places it: " + c.text() + ".")
                .orElse(
                    "None of the changes that were tried places it: look for another type or"
                        + " another place."));
    text.setWrapText(true);
    text.setId("smallest-answer");
    answer.getChildren().setAll(text);
    found.ifPresent(
        c -> {
          Button take = new Button("Do it");
          take.setId("smallest-do");
          take.setOnAction(
              e -> {
                Show asked = plan.reading().show();
                if (session.show().filter(asked::equals).isPresent()) {
                  session.edit("Done: " + c.text() + ".", s -> s.equals(asked) ? c.show() : s);
                } else {
                  session.say("The show has changed since; ask again.");
                }
              });
          answer.getChildren().add(take);
        });
  }

  /** Whether a finding is about the run or a segment of it. */
  private static Predicate<Finding> about(Reading reading, Run run) {
    Set<String> segments =
        reading.segmentsOf(run.name()).stream()
            .map(s -> s.segment().id())
            .collect(Collectors.toSet());
    return f ->
        switch (f.subject().kind()) {
          case RUN -> f.subject().id().equals(run.name());
          case SEGMENT -> segments.contains(f.subject().id());
          case SHOW, SETTING, FEED, CONTROLLER, SUPPLY, CIRCUIT -> false;
        };
  }

  private void port(Show show, Selection.OfPort selected) {
    boolean known =
        session
            .assessment()
            .get()
            .flatMap(a -> a.reading().port(selected.controller(), selected.port()))
            .isPresent();
    if (!known) {
      whole(show);
      return;
    }
    consequences =
        plan ->
            plan.reading()
                .port(selected.controller(), selected.port())
                .ifPresent(port -> port(plan, port));
  }

  private void port(Assessment plan, PortReading port) {
    int runs = port.segments().size();
    title(
        port.controller() + " · port " + port.port(),
        runs + (runs == 1 ? " segment · " : " segments · ") + port.pixels() + " pixels");
    Explanations.ofPort(plan.reading(), port).forEach(this::figure);
    Set<String> segments =
        port.segments().stream().map(s -> s.segment().id()).collect(Collectors.toSet());
    findings(
        plan,
        f -> f.subject().kind() == Subject.Kind.SEGMENT && segments.contains(f.subject().id()));
  }

  private void box(Show show, String id) {
    title(id, "controller");
    BoxEditor editor = new BoxEditor(session, show, id);
    add(editor.rows());
    first = Optional.of(editor.firstField());
    consequences = plan -> box(plan, id);
  }

  private void box(Assessment plan, String id) {
    for (var c : plan.reading().decisions().controllers()) {
      if (c.controller().id().equals(id)) {
        var type =
            plan.reading().show().catalogue().controllerTypesById().get(c.controller().type());
        figure(new Line("Kind", Texts.number(c.volts()) + " V", type.name()));
        double amps =
            plan.reading().ports().stream()
                .filter(p -> p.controller().equals(id))
                .mapToDouble(PortReading::amps)
                .sum();
        figure(
            new Line(
                "On the board",
                Texts.fixed(amps, 1) + " A",
                "over its ports, at most " + Texts.number(type.boardAmpsMax()) + " A"));
        c.supply().ifPresent(s -> supply(plan.reading(), s));
      }
    }
    findings(
        plan, f -> f.subject().kind() == Subject.Kind.CONTROLLER && f.subject().id().equals(id));
  }

  private void supply(Reading reading, String id) {
    double percent = reading.show().settings().supplyLoadPercentMax();
    reading.supplies().stream()
        .filter(s -> s.supply().id().equals(id))
        .forEach(
            s ->
                figure(
                    new Line(
                        "Supply " + id,
                        Texts.fixed(s.loadWatts(), 0) + " W",
                        Texts.fixed(s.loadAmps(), 1)
                            + " A x "
                            + Texts.number(s.type().volts())
                            + " V; "
                            + Texts.number(s.type().watts())
                            + " W x "
                            + Texts.number(percent)
                            + " % = "
                            + Texts.fixed(s.type().usableWatts(percent), 0)
                            + " W"
                            + s.supply().circuit().map(c -> "; on " + c).orElse(""))));
  }

  private void findings(Assessment plan, Predicate<Finding> here) {
    List<Finding> found = plan.findings().stream().filter(here).toList();
    for (Finding f : found) {
      Label label = new Label(f.severity().id() + ": " + f.message());
      label.setWrapText(true);
      label.setMinHeight(Region.USE_PREF_SIZE);
      label.getStyleClass().addAll("note", "note-" + f.severity().id());
      label.setMaxWidth(Double.MAX_VALUE);
      into.getChildren().add(label);
    }
  }

  private void title(String text, String below) {
    Label title = new Label(text);
    title.setId("inspector-title");
    title.getStyleClass().add("heading");
    title.setWrapText(true);
    Label sub = new Label(below);
    sub.getStyleClass().add("soft");
    sub.setWrapText(true);
    into.getChildren().addAll(title, sub);
  }

  private void hint(String text) {
    Label hint = new Label(text);
    hint.getStyleClass().add("soft");
    hint.setWrapText(true);
    into.getChildren().add(hint);
  }

  private void add(List<Node> rows) {
    into.getChildren().addAll(rows);
  }

  private void figure(Line line) {
    Label what = new Label(line.title());
    what.setMaxWidth(150);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    Label figure = new Label(line.figure());
    figure.getStyleClass().add("figure");
    figure.setMinWidth(Region.USE_PREF_SIZE);
    HBox top = new HBox(6, what, gap, figure);
    top.setAlignment(Pos.BASELINE_LEFT);
    Label arithmetic = new Label(line.arithmetic());
    arithmetic.getStyleClass().add("soft");
    arithmetic.setWrapText(true);
    arithmetic.setMinHeight(Region.USE_PREF_SIZE);
    VBox row = new VBox(1, top, arithmetic);
    row.getStyleClass().add("figure-row");
    into.getChildren().add(row);
  }
}
