package bunting.desktop.inspect;

import bunting.core.assess.Reading;
import bunting.core.plan.ByHand;
import bunting.core.ports.BoxLoads;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;

/** A run held in its place, let go, cut in two, or joined. */
final class HandEditor {
  private final Session session;
  private final Reading reading;
  private final Run run;
  private final List<Segment> pieces;

  HandEditor(Session session, Reading reading, Run run) {
    this.session = session;
    this.reading = reading;
    this.run = run;
    this.pieces = reading.segmentsOf(run.name()).stream().map(s -> s.segment()).toList();
  }

  List<Node> rows() {
    if (pieces.isEmpty()) {
      return List.of();
    }
    List<Node> rows = new ArrayList<>();
    boolean held =
        session.show().orElse(reading.show()).allotting().byHand().stream()
            .anyMatch(h -> h.run().equals(run.name()));
    FlowPane buttons = new FlowPane(6, 4);
    if (held || run.pin().isPresent()) {
      buttons
          .getChildren()
          .add(
              button(
                  "Let the planner choose",
                  "hand-release",
                  () ->
                      session.edit(
                          run.name() + " is the planner's again.",
                          s -> ByHand.release(s, run.name()))));
    } else {
      buttons
          .getChildren()
          .add(
              button(
                  "Hold it here",
                  "hand-hold",
                  () ->
                      session.edit(
                          run.name() + " is held where it is.",
                          s -> ByHand.hold(s, reading, run.name()))));
    }
    if (pieces.size() > 1) {
      buttons
          .getChildren()
          .add(
              button(
                  "Join its pieces",
                  "hand-join",
                  () ->
                      session.edit(
                          run.name() + " is in one piece again.",
                          s -> ByHand.join(s, reading, run.name()))));
    }
    rows.add(buttons);
    if (run.split() && run.pixels() > 1) {
      Field cut = new Field("Cut after", "hand-split", "", "px", this::split);
      cut.control().setPromptText("not cut");
      rows.add(cut.node());
    }
    return rows;
  }

  private static Button button(String text, String id, Runnable work) {
    Button button = new Button(text);
    button.setId(id);
    button.setOnAction(e -> work.run());
    return button;
  }

  private Optional<String> split(String text) {
    if (text.isEmpty()) {
      return Optional.empty();
    }
    PixelType type = reading.show().catalogue().pixelTypesById().get(run.type());
    int every = type == null ? 1 : type.cutEvery();
    Optional<Integer> after =
        Numbers.whole(text).filter(v -> v >= 1 && v < run.pixels() && v % every == 0);
    Optional<Segment> piece =
        after.flatMap(
            v -> pieces.stream().filter(s -> v >= s.firstPixel() && v < s.lastPixel()).findFirst());
    if (piece.isEmpty()) {
      return Optional.of(
          "Give a pixel from 1 to "
              + (run.pixels() - 1)
              + (every > 1 ? ", a multiple of " + every + ", where it can be cut." : "."));
    }
    Optional<BoxLoads.Fit> peg = ByHand.pegForRest(reading, piece.get(), after.get());
    if (peg.isEmpty()) {
      return Optional.of("No other peg takes the second part: make room on one first.");
    }
    session.edit(
        run.name() + " is cut after pixel " + after.get() + "; the second part hangs elsewhere.",
        s -> ByHand.split(s, reading, piece.get(), after.get(), peg.get()));
    return Optional.empty();
  }
}
