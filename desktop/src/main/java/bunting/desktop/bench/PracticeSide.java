package bunting.desktop.bench;

import bunting.core.faults.FaultKind;
import bunting.core.faults.Planting;
import bunting.core.limits.Range;
import bunting.core.pattern.Pattern;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Background;
import bunting.desktop.session.Selection;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.LongStream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
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
  private final ReadOnlyBooleanWrapper over = new ReadOnlyBooleanWrapper();
  private final Newest planting;
  private Optional<PracticeGame> game = Optional.empty();

  PracticeSide(BenchModel model) {
    super("practice-side", 10);
    this.model = model;
    this.planting = new Newest(model.session().background());
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
  private void begin(long number) {
    plant(
        job -> PracticeGame.of(rig(), level.getValue(), number, InstantSource.system()), () -> {});
  }

  private Rig rig() {
    return model.rig().get().orElseThrow();
  }

  private void plant(Function<Background.Job, Optional<PracticeGame>> making, Runnable then) {
    if (model.rig().get().isEmpty()) {
      verdict.setText("There is no plan yet: nothing can be wrong with it.");
      return;
    }
    verdict.setText("");
    planting.ask(
        "planting a fault",
        making,
        made -> {
          game = made;
          verdict.setText(
              made.isPresent()
                  ? "Something is wrong now."
                  : "This plan has no place for such a fault; try another level.");
          made.ifPresent(g -> seed.setText(Long.toString(g.seed())));
          choices(rig());
          model.planted().set(made.map(PracticeGame::fault));
          refresh();
          then.run();
        },
        model.session()::say);
  }

  /** Plants the first fault that shows under white and shows what it was: for the picture. */
  void showInSight(Runnable then) {
    Rig rig = rig();
    plant(
        job ->
            LongStream.range(1, 50)
                .mapToObj(n -> PracticeGame.of(rig, level.getValue(), n, InstantSource.system()))
                .flatMap(Optional::stream)
                .filter(g -> g.whereabouts().first().filter(PracticeSide::inSight).isPresent())
                .findFirst(),
        () -> {
          giveUp();
          then.run();
        });
  }

  private static boolean inSight(Planting.Notice notice) {
    return notice.sending().pattern() == Pattern.WHITE && !notice.byMeter();
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

  /** A meter was held to a pixel. */
  void measured() {
    tried();
  }

  private void guess() {
    if (game.isEmpty() || kind.getValue() == null || place.getValue() == null) {
      verdict.setText("Say what it is and where.");
      return;
    }
    verdict.setText(
        switch (game.get().guess(kind.getValue(), place.getValue())) {
          case FOUND -> "Found. " + game.get().whereabouts().text();
          case KIND -> "The kind is right, the place is not.";
          case PLACE -> "The place is right, the kind is not.";
          case FAR -> "Neither that nor there.";
        });
    look();
    refresh();
  }

  private void giveUp() {
    game.ifPresent(PracticeGame::giveUp);
    game.ifPresent(g -> verdict.setText(g.whereabouts().text()));
    look();
    refresh();
  }

  /** Once it is over one looks where it was first to be noticed, under what shows it. */
  private void look() {
    game.filter(PracticeGame::over)
        .flatMap(g -> g.whereabouts().first())
        .ifPresent(
            n -> {
              String run = n.part().segment().run().name();
              model.session().selection().set(new Selection.OfRun(run));
              model.choose(n.sending().pattern());
            });
  }

  private void refresh() {
    over.set(game.filter(PracticeGame::over).isPresent());
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

  /** Where it was to be noticed first, once it is over. */
  Optional<LiveElevation.Mark> revealed() {
    return game.filter(PracticeGame::over)
        .flatMap(g -> g.whereabouts().first())
        .map(n -> new LiveElevation.Mark(n.part().segment().run().name(), n.pixel(), n.pixel()));
  }

  /** Whether the fault was found, or shown. */
  ReadOnlyBooleanProperty over() {
    return over.getReadOnlyProperty();
  }

  boolean busy() {
    return planting.busy().get();
  }

  /** Whoever leaves leaves sound stand-ins behind. */
  void leave() {
    planting.stop();
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
