package bunting.desktop.better;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Assessor;
import bunting.core.plan.ByHand;
import bunting.core.plan.Keeping;
import bunting.core.propose.Proposal;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Words;
import bunting.desktop.line.PlanBoard;
import bunting.desktop.session.OfferText;
import bunting.desktop.session.Proposals;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A better plan beside the accepted one: what it saves, what it moves, both boards side by side. It
 * is accepted whole or in part, or dismissed.
 */
public final class BetterScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<BetterScreen> SCREEN =
      ScreenDefinition.aside("better", "Better plan", BetterScreen::new)
          .adding(
              desk ->
                  List.of(
                      Command.of(
                          "better",
                          new Command.Place(Command.Menu.EDIT, "plan"),
                          "Compare with a better plan",
                          "Shortcut+Shift+B",
                          Command.whileOpen(desk.session()),
                          () -> desk.go(BetterScreen.SCREEN).look()),
                      Command.of(
                          "from-scratch",
                          new Command.Place(Command.Menu.EDIT, "plan"),
                          "Plan again from scratch…",
                          Command.whileOpen(desk.session()),
                          () -> {
                            desk.session().proposals().fromScratch();
                            desk.go(BetterScreen.SCREEN);
                          })))
          .pictured("better", (desk, view) -> pose(desk.session()));

  private static final double LIST_WIDTH = 200;

  private final Desk desk;
  private final Session session;
  private final Proposals proposals;
  private final Label title = Words.heading("Better plan");
  private final Label about = Words.soft("");
  private final Button acceptAll = Buttons.of("accept-all", "Accept all", this::acceptAll);
  private final Button dismiss = Buttons.of("not-now", "Not now  Esc", this::dismiss);
  private final HBox figures = new HBox(26);
  private final ListView<BetterRow> rows = new ListView<>();
  private final PlanBoard yours;
  private final PlanBoard other;
  private final Label yoursTitle = Words.subheading("");
  private final Label otherTitle = Words.subheading("");
  private final Label told = Words.lines("");
  private final Button pin = Buttons.small("pin-and-search", "Pin it and search again", this::pin);
  private final Button acceptShare = Buttons.small("accept-share", "", this::acceptShare);
  private final HBox comparison;
  private final HBox foot;
  private final VBox empty = new VBox(12);
  private String chosen = "";

  private BetterScreen(Desk desk) {
    super(0);
    this.desk = desk;
    this.session = desk.session();
    this.proposals = session.proposals();
    setId("better");
    getStyleClass().add("sheet");
    yours = new PlanBoard("plan-yours", "Your plan", desk.palette(), this::choose);
    other = new PlanBoard("plan-proposed", "The other plan", desk.palette(), this::choose);
    acceptAll.setDefaultButton(true);
    about.setId("better-about");
    rows.setId("better-rows");
    rows.setMinWidth(LIST_WIDTH);
    rows.setMaxWidth(LIST_WIDTH);
    rows.setCellFactory(v -> new BetterRow.Cell());
    rows.getSelectionModel().selectedItemProperty().addListener(o -> shown());
    yoursTitle.setId("plan-yours-title");
    otherTitle.setId("plan-proposed-title");
    told.setId("better-told");
    told.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(told, Priority.ALWAYS);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox head = new HBox(12, title, about, gap, acceptAll, dismiss);
    head.setAlignment(Pos.CENTER_LEFT);
    figures.getStyleClass().add("better-figures");
    VBox left = new VBox(6, Words.subheading("What changes"), rows, legend());
    left.setPadding(new Insets(0, 0, 8, 0));
    VBox.setVgrow(rows, Priority.ALWAYS);
    comparison = new HBox(12, left, side(yoursTitle, yours), side(otherTitle, other));
    VBox.setVgrow(comparison, Priority.ALWAYS);
    foot = new HBox(10, told, pin, acceptShare);
    foot.setAlignment(Pos.CENTER_LEFT);
    foot.getStyleClass().add("better-foot");
    empty.setAlignment(Pos.CENTER);
    VBox.setVgrow(empty, Priority.ALWAYS);
    getChildren().addAll(head, figures, comparison, foot, empty);
    // Before the list, which keeps Escape to itself.
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            dismiss();
            e.consume();
          }
        });
    proposals.offered().addListener(o -> refresh());
    proposals.preview().addListener(o -> refresh());
    proposals.searching().addListener(o -> refresh());
    refresh();
  }

  /** The first fits, accepted as they are: a search finds a better plan beside them. */
  private static void pose(Session session) {
    Show bare = session.show().orElseThrow().withAccepted(Optional.empty());
    Show fits = Keeping.accept(Assessor.sketch(bare).reading());
    session.edit("First fits accepted.", s -> s.withAccepted(fits.accepted()));
    session.proposals().again();
  }

  @Override
  public boolean busy() {
    return proposals.searching().get();
  }

  @Override
  public void stop() {
    proposals.stop();
  }

  private static Region legend() {
    return new VBox(
        2, Words.styled("Amber: moves.", "is-other"), Words.soft("Ink: stays where it is."));
  }

  private static VBox side(Label title, PlanBoard board) {
    VBox side = new VBox(6, title, board);
    VBox.setVgrow(board, Priority.ALWAYS);
    HBox.setHgrow(side, Priority.ALWAYS);
    side.setPrefWidth(100);
    return side;
  }

  private Optional<Proposal> proposal() {
    return proposals.preview().get().or(proposals.offered()::get);
  }

  private boolean scratch() {
    return proposals.preview().get().isPresent();
  }

  /** Searches where nothing is offered. */
  private void look() {
    if (proposal().isEmpty() && !proposals.searching().get()) {
      proposals.again();
    }
  }

  private void refresh() {
    Optional<Proposal> now = proposal();
    title.setText(scratch() ? "Plan from scratch" : "Better plan");
    about.setText(now.isPresent() ? "compared with your accepted plan" : "");
    for (Region part : List.of(acceptAll, figures, comparison, foot)) {
      part.setVisible(now.isPresent());
      part.setManaged(now.isPresent());
    }
    dismiss.setText(now.isPresent() ? "Not now  Esc" : "Back  Esc");
    empty.setVisible(now.isEmpty());
    empty.setManaged(now.isEmpty());
    figures.getChildren().clear();
    chosen = "";
    if (now.isEmpty()) {
      nothing();
      rows.getItems().clear();
      return;
    }
    BetterWords.figures(now.get()).forEach(f -> figures.getChildren().add(figure(f)));
    rows.getItems().setAll(BetterRow.of(now.get(), scratch()));
    rows.getSelectionModel().selectFirst();
    shown();
  }

  private void nothing() {
    if (proposals.searching().get()) {
      ProgressBar bar = new ProgressBar();
      empty
          .getChildren()
          .setAll(
              Words.styled("Searching for a better plan…", "empty"),
              bar,
              Buttons.of("better-stop", "Stop the search", proposals::stop));
    } else {
      empty
          .getChildren()
          .setAll(
              Words.styled("No better plan found. Your plan stays as it is.", "empty"),
              Buttons.of("better-again", "Search again", proposals::again));
    }
  }

  private static VBox figure(BetterWords.Figure f) {
    Label change = Words.soft(f.change());
    f.good().ifPresent(good -> change.getStyleClass().add(good ? "is-better" : "is-other"));
    VBox box = new VBox(1, Words.soft(f.what()), Words.figure(f.values()), change);
    box.getChildren().forEach(n -> ((Label) n).setMinWidth(USE_PREF_SIZE));
    return box;
  }

  private Optional<BetterRow> row() {
    return Optional.ofNullable(rows.getSelectionModel().getSelectedItem());
  }

  private void shown() {
    Optional<Proposal> now = proposal();
    Optional<BetterRow> row = row();
    if (now.isEmpty() || row.isEmpty()) {
      return;
    }
    Set<String> boxes = Set.copyOf(row.get().controllers());
    Set<String> moving = Set.copyOf(now.get().kept().moved());
    yoursTitle.setText(row.get().names() + ", yours");
    otherTitle.setText(row.get().names() + ", proposed");
    Reading was = now.get().yours().reading();
    Reading is = now.get().proposed().reading();
    int longest =
        Stream.of(was, is)
            .flatMap(plan -> plan.ports().stream())
            .filter(p -> boxes.contains(p.controller()))
            .mapToInt(PortReading::pixels)
            .max()
            .orElse(1);
    yours.show(Optional.of(was), boxes, moving, longest);
    other.show(Optional.of(is), boxes, moving, longest);
    boolean part = row.get().share().isPresent() && now.get().shares().size() > 1;
    acceptShare.setText("Accept " + row.get().names() + " only");
    acceptShare.setVisible(part);
    acceptShare.setManaged(part);
    choose("");
  }

  /** Chooses a run on both boards. */
  void choose(String run) {
    chosen = run;
    yours.choose(run);
    other.choose(run);
    pin.setVisible(!run.isEmpty() && !scratch());
    pin.setManaged(pin.isVisible());
    told.setText(
        run.isEmpty()
            ? "Click a run to see what becomes of it, and to pin it where it is."
            : proposal().map(p -> BetterWords.run(p, run)).orElse(""));
  }

  private void acceptAll() {
    proposal()
        .ifPresent(
            p -> {
              String what = scratch() ? "Plan from scratch accepted: " : "Better plan accepted: ";
              session.accept(
                  what
                      + OfferText.change(p.yours().reading().show().settings(), -p.saving())
                      + ", "
                      + Texts.count(p.kept().moved().size(), "run moved", "runs moved")
                      + ".",
                  p.proposed());
              desk.back();
            });
  }

  private void acceptShare() {
    row()
        .ifPresent(
            r ->
                r.share()
                    .ifPresent(
                        s ->
                            session.accept(
                                "Better plan accepted for "
                                    + r.names()
                                    + " only. Nothing else changed.",
                                s.plan())));
  }

  private void pin() {
    String run = chosen;
    proposal()
        .ifPresent(
            p ->
                session.edit(
                    run + " is pinned where it is.",
                    s -> ByHand.hold(s, p.yours().reading(), run)));
  }

  private void dismiss() {
    boolean searching = proposal().isEmpty() && proposals.searching().get();
    if (searching) {
      proposals.stop();
    }
    if (proposal().isPresent()) {
      proposals.dismiss();
      session.say("Your plan stays. The offer does not come back for this show.");
    }
    desk.back();
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public void takeKeyboard() {
    rows.requestFocus();
  }
}
