package bunting.desktop.inspect;

import bunting.core.assess.Reading;
import bunting.core.limits.Range;
import bunting.core.plan.ByHand;
import bunting.core.ports.BoxLoads;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.layout.FlowPane;

/** A run held in its place, let go, cut in two, or joined. */
final class HandEditor {
  private final Session session;
  private final Reading reading;
  private final Run run;
  private final List<Segment> pieces;

  private HandEditor(Session session, Reading reading, Run run) {
    this.session = session;
    this.reading = reading;
    this.run = run;
    this.pieces = reading.segmentsOf(run.name()).stream().map(s -> s.segment()).toList();
  }

  /** The form; it has no rows for a run that is not placed. */
  static Form form(Session session, Reading reading, Run run) {
    Form form = new Form();
    HandEditor editor = new HandEditor(session, reading, run);
    if (!editor.pieces.isEmpty()) {
      editor.fill(form);
    }
    return form;
  }

  private void fill(Form form) {
    boolean held =
        session.show().orElse(reading.show()).allotting().byHand().stream()
            .anyMatch(h -> h.run().equals(run.name()));
    FlowPane buttons = new FlowPane(6, 4);
    String name = run.name();
    if (held || run.pin().isPresent()) {
      button(
          buttons,
          "Let the planner choose",
          "hand-release",
          name + " is the planner's again.",
          s -> ByHand.release(s, name));
    } else {
      button(
          buttons,
          "Hold it here",
          "hand-hold",
          name + " is held where it is.",
          s -> ByHand.hold(s, reading, name));
    }
    if (pieces.size() > 1) {
      button(
          buttons,
          "Join its pieces",
          "hand-join",
          name + " is in one piece again.",
          s -> ByHand.join(s, reading, name));
    }
    form.add(buttons);
    if (run.split() && run.pixels() > 1) {
      form.text("Cut after", "hand-split", "", "px", this::split).prompting("not cut");
    }
  }

  private void button(
      FlowPane into, String text, String id, String said, UnaryOperator<Show> change) {
    into.getChildren().add(Buttons.of(id, text, () -> session.edit(said, change)));
  }

  private Optional<String> split(String text) {
    if (text.isEmpty()) {
      return Optional.empty();
    }
    PixelType type = reading.show().catalogue().pixelTypesById().get(run.type());
    int every = type == null ? 1 : type.cutEvery();
    Range inside = Range.between(1, run.pixels() - 1.0);
    Optional<Integer> after = Numbers.wholeIn(inside, text).filter(v -> v % every == 0);
    Optional<Segment> piece =
        after.flatMap(
            v -> pieces.stream().filter(s -> v >= s.firstPixel() && v < s.lastPixel()).findFirst());
    if (piece.isEmpty()) {
      return Optional.of(
          "Give a pixel "
              + inside.text()
              + (every > 1 ? ", a multiple of " + every + ", where it can be cut." : "."));
    }
    Optional<BoxLoads.Fit> peg = ByHand.pegForRest(reading, piece.get(), after.get());
    if (peg.isEmpty()) {
      return Optional.of("No other port takes the second part: make room on one first.");
    }
    session.edit(
        run.name() + " is cut after pixel " + after.get() + "; the second part hangs elsewhere.",
        s -> ByHand.split(s, reading, piece.get(), after.get(), peg.get()));
    return Optional.empty();
  }
}
