package bunting.desktop.inspect;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessment;
import bunting.core.plan.ByHand;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.RunEdits;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** What several runs have in common, changed for all of them by one edit. */
final class RunsEditor {
  private static final int NAMED_MOST = 6;
  private static final double MILLI = 1000;

  private final Session session;
  private final Show show;
  private final List<Run> runs;
  private final List<String> names;
  private final Form form = new Form();

  /** A type, or several that differ. */
  private record Kind(Optional<PixelType> type) {
    String text() {
      return type.map(PixelType::name).orElse("several types");
    }
  }

  /** A box to go to; nothing: wherever it fits, or several that differ. */
  private record Box(Optional<String> id, boolean differs) {
    String text() {
      return id.orElse(differs ? "several places" : "wherever it fits best");
    }
  }

  RunsEditor(Session session, Show show, List<Run> runs) {
    this.session = session;
    this.show = show;
    this.runs = List.copyOf(runs);
    this.names = runs.stream().map(Run::name).toList();
    fill();
  }

  Form form() {
    return form;
  }

  private <T> Optional<T> common(Function<Run, T> of) {
    List<T> all = runs.stream().map(of).distinct().toList();
    return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
  }

  private String who() {
    return Texts.count(runs.size(), "run", "runs");
  }

  private void edit(String what, UnaryOperator<Run> change) {
    session.edit(who() + " " + what, s -> RunEdits.each(s, names, change));
  }

  private void fill() {
    form.words(
        names.stream().limit(NAMED_MOST).collect(Collectors.joining(", "))
            + (names.size() > NAMED_MOST ? " and " + (names.size() - NAMED_MOST) + " more" : ""));
    Optional<PixelType> type = common(Run::type).map(t -> show.catalogue().pixelTypesById().get(t));
    List<Kind> kinds =
        new ArrayList<>(
            show.catalogue().pixelTypes().stream().map(t -> new Kind(Optional.of(t))).toList());
    if (type.isEmpty()) {
      kinds.addFirst(new Kind(Optional.empty()));
    }
    form.choice(
        "Type",
        "edit-runs-type",
        kinds,
        Kind::text,
        new Kind(type),
        k -> k.type().ifPresent(t -> edit("are of " + t.name() + ".", r -> r.withType(t.id()))));
    Optional<Optional<String>> group = common(Run::group);
    form.text("Group", "edit-runs-group", group.flatMap(g -> g).orElse(""), "", this::group)
        .prompting(group.isEmpty() ? "several" : "none");
    boxes();
    Optional<Boolean> split = common(Run::split);
    form.check(
        "Divided",
        "edit-runs-split",
        split.isEmpty() ? "some may be; tick for all" : "they may lie on several ports",
        split.orElse(false),
        on -> edit(on ? "may be divided." : "stay in one piece.", r -> r.withSplit(on)));
  }

  private Optional<String> group(String text) {
    if (text.length() > Names.LENGTH_MAX) {
      return Optional.of("Give at most " + Names.LENGTH_MAX + " characters.");
    }
    Optional<String> to = Optional.of(text).filter(t -> !t.isEmpty());
    edit(to.map(t -> "belong to " + t + ".").orElse("belong to no group."), r -> r.withGroup(to));
    return Optional.empty();
  }

  private void boxes() {
    Optional<Optional<String>> now = common(r -> r.pin().map(Pin::controller));
    List<Box> boxes = new ArrayList<>();
    if (now.isEmpty()) {
      boxes.add(new Box(Optional.empty(), true));
    }
    boxes.add(new Box(Optional.empty(), false));
    PinChoice.boxes(session, show).forEach(c -> boxes.add(new Box(Optional.of(c.id()), false)));
    form.choice(
        "Go to",
        "edit-runs-pin",
        boxes,
        Box::text,
        new Box(now.flatMap(b -> b), now.isEmpty()),
        this::pin);
  }

  private void pin(Box box) {
    if (box.differs()) {
      return;
    }
    Optional<Pin> pin = box.id().map(id -> new Pin(id, OptionalInt.empty()));
    session.edit(
        who() + " go " + (pin.isPresent() ? "to " : "") + box.text() + ".",
        s -> RunEdits.pinned(s, names, pin, PinChoice.boxes(session, s)));
  }

  /** What a plan says of them together, and holding them where it has them. */
  List<Node> figures(Assessment plan) {
    Reading reading = plan.reading();
    List<Node> all = new ArrayList<>();
    FlowPane buttons = new FlowPane(6, 4);
    buttons
        .getChildren()
        .addAll(
            Buttons.of(
                "runs-hold",
                "Hold them where they are",
                () -> hand("are held where they are.", (s, n) -> ByHand.hold(s, reading, n))),
            Buttons.of(
                "runs-release",
                "Let the planner choose",
                () -> hand("are the planner's again.", (s, n) -> ByHand.release(s, n))));
    all.add(buttons);
    double amps =
        runs.stream()
                .mapToDouble(
                    r ->
                        r.pixels()
                            * Objects.requireNonNull(
                                    show.catalogue().pixelTypesById().get(r.type()))
                                .milliampsFull())
                .sum()
            / MILLI;
    double metres =
        runs.stream()
            .flatMap(r -> r.lengthM().stream().boxed())
            .mapToDouble(Double::doubleValue)
            .sum();
    all.add(Words.lines(Texts.fixed(amps, 1) + " A at full white and full volts"));
    if (metres > 0) {
      all.add(Words.lines(Lengths.of(show).text(metres) + " measured"));
    }
    return all;
  }

  /** One thing done by hand to a run of a show. */
  @FunctionalInterface
  private interface Hand {
    Show to(Show show, String run);
  }

  private void hand(String what, Hand hand) {
    session.edit(
        who() + " " + what,
        s -> {
          Show next = s;
          for (String name : names) {
            next = next.run(name).isPresent() ? hand.to(next, name) : next;
          }
          return next;
        });
  }
}
