package bunting.desktop.bench;

import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.faults.FaultText;
import bunting.core.faults.Layout;
import bunting.core.faults.Planting;
import bunting.core.limits.Range;
import bunting.core.pattern.Pattern;
import bunting.core.show.Feed;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Beside practice: begin, patterns, the guess, and what it was. */
final class PracticeSide extends SidePanel {
  private static final Range SEEDS = Range.between(1, 999_999);

  private static final double CHOICE = 244;

  private final BenchModel model;
  private final ComboBox<PracticeGame.Level> level = new ComboBox<>();
  private final TextField seed = new TextField("1");
  private final ComboBox<FaultKind> kind = new ComboBox<>();
  private final ComboBox<String> place = new ComboBox<>();
  private final Label score = Words.lines("", "figure");
  private final Label verdict = Words.lines("");
  private final VBox guess = new VBox(6);
  private Optional<PracticeGame> game = Optional.empty();

  PracticeSide(BenchModel model) {
    super("practice-side", 10);
    this.model = model;
    level.setId("practice-level");
    level.getItems().setAll(PracticeGame.Level.values());
    level.setValue(PracticeGame.Level.EASY);
    Choices.named(level, PracticeGame.Level::text);
    seed.setId("practice-seed");
    seed.setPrefColumnCount(4);
    seed.setMinWidth(60);
    kind.setId("practice-kind");
    kind.setPrefWidth(CHOICE);
    kind.setPromptText("what it is");
    Choices.named(kind, PracticeSide::words);
    place.setId("practice-place");
    place.setPrefWidth(CHOICE);
    place.setPromptText("where: a run, box, supply, circuit");
    score.setId("practice-score");
    verdict.setId("practice-verdict");
    HBox begin =
        new HBox(
            6,
            level,
            Words.figure("seed"),
            seed,
            Buttons.small("practice-begin", "Begin", this::begin));
    begin.setAlignment(Pos.CENTER_LEFT);
    guess
        .getChildren()
        .addAll(
            Words.subheading("What is it, and where?"),
            kind,
            place,
            new HBox(
                6,
                Buttons.small("practice-guess", "That is it", this::guess),
                Buttons.small("practice-give-up", "Show me", this::giveUp)));
    content()
        .getChildren()
        .addAll(
            Words.subheading("A fault to find"),
            begin,
            Words.softLines("The same seed plants the same fault: two can compete."),
            score,
            new VBox(5, Words.subheading("Send"), new PatternKeys(model)),
            guess,
            verdict,
            new BoxPanel(model));
    model.pattern().addListener(o -> tried());
    model.rig().addListener(o -> leave());
    refresh();
  }

  private void begin() {
    Optional<Integer> number = Numbers.wholeIn(SEEDS, seed.getText());
    if (number.isEmpty()) {
      verdict.setText("A seed is a whole number from 1 to 999999.");
      return;
    }
    begin(number.get());
  }

  /** Plants the fault of a seed. */
  void begin(long number) {
    Optional<Rig> rig = model.rig().get();
    seed.setText(Long.toString(number));
    game = rig.flatMap(r -> PracticeGame.of(r, level.getValue(), number, InstantSource.system()));
    verdict.setText(
        game.isPresent()
            ? "Something is wrong now."
            : "This plan has no place for such a fault; try another level.");
    rig.ifPresent(this::choices);
    model.planted().set(game.map(PracticeGame::fault));
    refresh();
  }

  /** Plants the first fault that shows under white, and looks there: for the picture. */
  void beginInSight() {
    for (long number = 1; number < 50; number++) {
      begin(number);
      Optional<Planting.Notice> seen =
          model
              .rig()
              .get()
              .flatMap(
                  r ->
                      game.flatMap(
                          g ->
                              new Planting(r.pictures(), 0)
                                  .showing(g.fault()).stream().findFirst()));
      if (seen.filter(n -> n.sending().pattern() == Pattern.WHITE && !n.byMeter()).isPresent()) {
        String run = seen.get().part().segment().run().name();
        model.session().selection().set(new Selection.OfRun(run));
        return;
      }
    }
  }

  private void choices(Rig rig) {
    List<FaultKind> kinds = new ArrayList<>(Arrays.asList(FaultKind.values()));
    kind.getItems().setAll(kinds);
    kind.setValue(null);
    Set<String> all = new TreeSet<>();
    all.addAll(rig.layout().controllers());
    all.addAll(rig.layout().runs());
    rig.reading().decisions().supplies().forEach(s -> all.add(s.id()));
    rig.reading().decisions().supplies().forEach(s -> s.circuit().ifPresent(all::add));
    place.getItems().setAll(all);
    place.setValue(null);
  }

  private void tried() {
    game.ifPresent(PracticeGame::tried);
    refresh();
  }

  /** A meter at a pixel; what it reads now. */
  Optional<String> measured(String run, int pixel) {
    game.ifPresent(PracticeGame::tried);
    refresh();
    return model
        .rig()
        .get()
        .flatMap(r -> r.layout().partAt(run, pixel))
        .flatMap(
            part ->
                model
                    .shown()
                    .get()
                    .map(
                        f ->
                            run
                                + ", pixel "
                                + pixel
                                + ": "
                                + Texts.fixed(
                                    f.volts()[part.chain().index()][part.indexOf(pixel)], 2)
                                + " V, planned "
                                + Texts.fixed(
                                    part.segment()
                                        .volts()
                                        .at(pixel - part.segment().segment().firstPixel()),
                                    2)
                                + " V at the brightness designed for"));
  }

  private void guess() {
    if (game.isEmpty() || kind.getValue() == null || place.getValue() == null) {
      verdict.setText("Say what it is and where.");
      return;
    }
    Rig rig = model.rig().get().orElseThrow();
    Fault fault = game.get().fault();
    PracticeGame.Near near =
        game.get().guess(kind.getValue(), place.getValue(), places(rig, fault));
    verdict.setText(
        switch (near) {
          case FOUND -> "Found. " + explained(rig, fault);
          case KIND -> "The kind is right, the place is not.";
          case PLACE -> "The place is right, the kind is not.";
          case FAR -> "Neither that nor there.";
        });
    refresh();
  }

  private void giveUp() {
    if (game.isPresent()) {
      Rig rig = model.rig().get().orElseThrow();
      game.get().giveUp();
      verdict.setText(explained(rig, game.get().fault()));
      new Planting(rig.pictures(), 0)
          .showing(game.get().fault()).stream()
              .findFirst()
              .ifPresent(
                  n ->
                      model
                          .session()
                          .selection()
                          .set(new Selection.OfRun(n.part().segment().run().name())));
      refresh();
    }
  }

  /** What it was, where it shows, and what one does about it. */
  private static String explained(Rig rig, Fault fault) {
    Optional<Planting.Notice> shows =
        new Planting(rig.pictures(), 0).showing(fault).stream().findFirst();
    String where =
        shows
            .map(
                n ->
                    " It shows on "
                        + n.part().segment().run().name()
                        + " from pixel "
                        + n.pixel()
                        + " on under "
                        + n.sending().pattern().id()
                        + (n.byMeter() ? ", by meter alone." : "."))
            .orElse("");
    return FaultText.name(fault) + "." + where + " " + FaultText.cure(fault);
  }

  /** Every name by which the place of a fault may be called. */
  static Set<String> places(Rig rig, Fault fault) {
    Layout layout = rig.layout();
    Set<String> names = new TreeSet<>();
    for (Planting.Notice n : new Planting(rig.pictures(), 0).showing(fault)) {
      names.add(n.part().segment().run().name());
      names.add(n.part().chain().controller());
    }
    Set<String> feeds =
        switch (fault) {
          case Fault.FuseOpen f -> layout.behindFuse(f.fuse());
          case Fault.FeedOpen f -> Set.of(f.feed());
          case Fault.ThinLead f -> Set.of(f.feed());
          case Fault.SupplyOff f -> layout.ofSupply(f.supply());
          case Fault.SupplyLow f -> layout.ofSupply(f.supply());
          default -> Set.of();
        };
    for (String id : feeds) {
      Feed feed = layout.feed(id);
      names.add(layout.part(feed.segment()).segment().run().name());
    }
    switch (fault) {
      case Fault.SupplyOff f -> names.add(f.supply());
      case Fault.SupplyLow f -> names.add(f.supply());
      case Fault.CircuitOff f -> names.add(f.circuit());
      default -> {}
    }
    return names;
  }

  private void refresh() {
    guess.setDisable(game.isEmpty() || game.get().over());
    score.setText(
        game.map(
                g ->
                    g.tests()
                        + (g.tests() == 1 ? " test, " : " tests, ")
                        + g.guesses()
                        + (g.guesses() == 1 ? " guess" : " guesses")
                        + (g.over()
                            ? ", " + Math.max(1, g.time().toMinutes()) + " min, " + g.level().text()
                            : ""))
            .orElse("No fault is planted."));
  }

  /** Whoever leaves leaves sound stand-ins behind. */
  void leave() {
    game = Optional.empty();
    model.planted().set(Optional.empty());
    verdict.setText("");
    refresh();
  }

  private static String words(FaultKind kind) {
    return switch (kind) {
      case FUSE_OPEN -> "a fuse is open";
      case FEED_OPEN -> "a feed carries nothing";
      case SUPPLY_OFF -> "a supply gives nothing";
      case CIRCUIT_OFF -> "a mains circuit is off";
      case DATA_OPEN -> "the data wire is open";
      case DEAD_PIXEL -> "a pixel is dead";
      case PORT_DEAD -> "a port sends nothing";
      case CONTROLLER_OFF -> "a box does nothing";
      case CONTROLLER_HUNG -> "a box hangs";
      case PORTS_SWAPPED -> "two plugs are swapped";
      case ORDER_WRONG -> "the colour order is wrong";
      case RUN_REVERSED -> "data enter at the far end";
      case UNIVERSE_OFF -> "a box listens to other universes";
      case COUNT_OFF -> "there are more or fewer pixels";
      case NOISE -> "noise on the data";
      case THIN_LEAD -> "too much resistance in a feed";
      case SUPPLY_LOW -> "a supply holds too few volts";
      case LIMITER_LOW -> "a limiter was never raised";
      case PAST_THE_SWITCH -> "a feed goes past the switch";
      case FED_BACK -> "V+ from elsewhere on a port";
      case SHORT_TO_METAL -> "a joint touches metal";
      case OTHER_SUBNET -> "a box is in another subnet";
      case STARVED -> "a box starves under white";
    };
  }
}
