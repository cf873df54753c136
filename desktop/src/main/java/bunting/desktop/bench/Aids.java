package bunting.desktop.bench;

import bunting.core.bench.ColourOrder;
import bunting.core.bench.CountFinder;
import bunting.core.faults.Layout;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.pattern.Scope;
import bunting.core.show.Fitting;
import bunting.core.show.Run;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Words;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Two aids on top of the patterns: how many pixels there are, and in which order its colours. */
final class Aids extends VBox {
  private static final String[] SENT = {"red", "green", "blue"};
  private static final Pattern[] COLOURS = {Pattern.RED, Pattern.GREEN, Pattern.BLUE};

  private final BenchModel model;
  private final Label question = Words.lines("");
  private final FlowPane answers = new FlowPane(5, 5);
  private Optional<CountFinder> counting = Optional.empty();
  private String run = "";
  private String seen = "";

  Aids(BenchModel model) {
    super(5);
    this.model = model;
    question.setId("aid-question");
    question.managedProperty().bind(question.textProperty().isNotEmpty());
    FlowPane begin =
        new FlowPane(
            5,
            5,
            Buttons.small("aid-count", "Count a run…", this::count),
            Buttons.small("aid-order", "Find its colour order…", this::order));
    getChildren().addAll(Words.subheading("Find out"), begin, question, answers);
    model.rig().addListener(o -> end(""));
  }

  private void end(String words) {
    counting = Optional.empty();
    question.setText(words);
    answers.getChildren().clear();
  }

  private Optional<Run> theRun() {
    return model
        .hand()
        .run()
        .flatMap(name -> model.session().show().flatMap(s -> s.run(name)))
        .filter(
            r -> model.rig().get().filter(g -> !g.layout().parts(r.name()).isEmpty()).isPresent());
  }

  /** Bisects the count of the run at hand. */
  void count() {
    theRun()
        .ifPresentOrElse(
            r -> {
              run = r.name();
              ask(CountFinder.of(r.pixels()));
            },
            () -> end("Choose a run first: click it."));
  }

  private void ask(CountFinder finder) {
    if (finder.found()) {
      int count = finder.least();
      end(
          run
              + " has "
              + count
              + " pixels"
              + (count == finder.planned()
                  ? ", as planned, or" + " more: count what stays dark behind."
                  : "."));
      answers
          .getChildren()
          .setAll(
              Buttons.small(
                  "aid-enter",
                  "Enter " + count + " as built",
                  () -> {
                    model.session().count(run, Math.max(1, count));
                    end("");
                  }));
      return;
    }
    counting = Optional.of(finder);
    int mark = finder.mark();
    String name = run;
    model
        .rig()
        .get()
        .ifPresent(r -> model.choose((f, slots) -> finder.paint(r.map(), name, slots)));
    question.setText(
        run
            + ": blue up to pixel "
            + (mark - 1)
            + ", white from "
            + mark
            + " on. Is anything white?");
    answers
        .getChildren()
        .setAll(
            Buttons.small("aid-yes", "Yes, something is white", () -> answered(true)),
            Buttons.small("aid-no", "No, blue alone", () -> answered(false)),
            Buttons.small("aid-stop", "Stop", () -> end("")));
  }

  private void answered(boolean white) {
    counting.ifPresent(c -> ask(c.answered(white)));
  }

  /** Asks for three colours. */
  void order() {
    theRun()
        .ifPresentOrElse(
            r -> {
              run = r.name();
              seen = "";
              colour();
            },
            () -> end("Choose a run first: click it."));
  }

  private void colour() {
    int n = seen.length();
    if (n == COLOURS.length) {
      found();
      return;
    }
    String name = run;
    Pattern sent = COLOURS[n];
    model
        .rig()
        .get()
        .ifPresent(
            r -> {
              Painter painter = new Painter(r.map(), sent, Scope.ofRun(name), Sending.FPS, 0.5, 1);
              model.choose(painter::paint);
            });
    question.setText(run + " is sent " + SENT[n] + ". What do you see?");
    answers.getChildren().clear();
    for (String colour : SENT) {
      answers
          .getChildren()
          .add(
              Buttons.small(
                  "aid-see-" + colour,
                  colour.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + colour.substring(1),
                  () -> {
                    seen += colour.substring(0, 1).toUpperCase(java.util.Locale.ROOT);
                    colour();
                  }));
    }
  }

  private void found() {
    String planned =
        model
            .rig()
            .get()
            .flatMap(r -> r.layout().parts(run).stream().findFirst())
            .map(Layout.Part::segment)
            .map(s -> s.order())
            .orElse("");
    Optional<String> real = ColourOrder.of(planned, seen);
    if (real.isEmpty()) {
      end("No order explains that: two colours look the same. Look again, at one pixel.");
    } else if (real.get().equals(planned)) {
      end(run + " is " + planned + ", as planned.");
    } else {
      end(run + " is " + real.get() + ", planned " + planned + ".");
      answers
          .getChildren()
          .setAll(
              Buttons.small(
                  "aid-take",
                  "Set it to " + real.get(),
                  () -> {
                    model
                        .session()
                        .editRun(
                            run + " is " + real.get() + ".",
                            run,
                            r ->
                                r.withFitting(
                                    new Fitting(
                                        r.fitting().grouping(), real, r.fitting().reversed())));
                    end("");
                  }));
    }
  }
}
