package bunting.desktop.inspect;

import bunting.core.copper.Rails;
import bunting.core.limits.Range;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;

/**
 * What is edited of a run: its pixels, type, lead and pin. Each edit is one step that can be
 * undone.
 */
final class RunEditor {
  private final Session session;
  private final Show show;
  private final Run run;
  private final Lengths lengths;
  private final Form form = new Form();
  private final PinChoice pin;

  RunEditor(Session session, Show show, Run run) {
    this.session = session;
    this.show = show;
    this.run = run;
    lengths = Lengths.of(show);
    form.text("Name", "edit-name", run.name(), "", this::name);
    form.choice(
        "Type",
        "edit-type",
        show.catalogue().pixelTypes(),
        PixelType::name,
        type(),
        t -> edit(run.name() + " is of type " + t.name() + ".", r -> r.withType(t.id())));
    form.length("Length", "edit-length", run.lengthM(), lengths, Range.RUN_LENGTH, this::length)
        .prompting("no tape yet");
    form.whole(
        "Planned",
        "edit-pixels",
        run.plannedPixels(),
        "px",
        Range.PIXELS,
        n ->
            edit(
                run.name() + " has " + Texts.count(n, "pixel", "pixels") + ".",
                r -> r.withPixels(n)));
    String counted = run.built().isPresent() ? Integer.toString(run.built().getAsInt()) : "";
    form.text("Built", "edit-built", counted, "px", this::built).prompting("not counted");
    new GuessEditor(session, run).length(form);
    form.text("Group", "edit-group", run.group().orElse(""), "", this::group).prompting("none");
    form.length("Lead", "edit-lead", run.leadM(), lengths, Range.LENGTH, this::lead)
        .prompting(run.hanging().route().isEmpty() ? "by the rule" : "as it is drawn");
    new GuessEditor(session, run).lead(form);
    Rails.Limit rail = Rails.of(type());
    form.text(
            "Rails bear",
            "edit-rail",
            type().railAmpsMax().isPresent() ? Texts.number(rail.amps()) : "",
            "A",
            this::rail)
        .prompting(
            rail.amps() > Range.AMPS.most() ? "not known" : "about " + Texts.fixed(rail.amps(), 1));
    pin = new PinChoice(session, show, run, form);
    new CourseEditor(session, show, run).addTo(form);
    new FittingEditor(session, show, run).addTo(form);
  }

  Form form() {
    return form;
  }

  /** A plan is there: where the planner chooses the boxes, there are other ones. */
  void planned() {
    pin.list();
  }

  private PixelType type() {
    return Objects.requireNonNull(show.catalogue().pixelTypesById().get(run.type()));
  }

  private void edit(String what, UnaryOperator<Run> change) {
    session.editRun(what, run.name(), change);
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of(Names.WANTED);
    }
    if (Names.isLight(session.show().orElse(show), text)) {
      return Optional.of("A run, set or string has that name already.");
    }
    session.edit(
        run.name() + " is called " + text + ".", s -> RunEdits.renamed(s, run.name(), text));
    session.selection().set(new Selection.OfRun(text));
    return Optional.empty();
  }

  /** The tape overrules the drawing: the count follows it, the picture stays. */
  private Optional<String> length(OptionalDouble metres) {
    if (metres.isEmpty()) {
      edit(run.name() + " is not measured.", r -> r.withLength(OptionalDouble.empty()));
      return Optional.empty();
    }
    OptionalInt count = Geometry.countOf(metres.getAsDouble(), type());
    if (count.isEmpty()) {
      return Optional.of("That makes no pixel, or more than 1000000.");
    }
    edit(
        run.name()
            + ": "
            + lengths.text(metres.getAsDouble())
            + " make "
            + Texts.count(count.getAsInt(), "pixel", "pixels")
            + ".",
        r -> r.withLength(metres).withPixels(count.getAsInt()));
    return Optional.empty();
  }

  /** The limit is the type's: all runs of it have it. */
  private Optional<String> rail(String text) {
    Optional<Double> amps = text.isEmpty() ? Optional.empty() : Numbers.in(Range.RAIL_AMPS, text);
    if (!text.isEmpty() && amps.isEmpty()) {
      return Optional.of("Give the amps that one rail bears, over 0, or nothing.");
    }
    OptionalDouble most = amps.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    session.edit(
        type().name()
            + ": "
            + amps.map(a -> "rails bear " + Texts.number(a) + " A.")
                .orElse("what its rails bear is assumed."),
        s ->
            Optional.ofNullable(s.catalogue().pixelTypesById().get(run.type()))
                .map(t -> t.withRailAmpsMax(most))
                .map(t -> s.withCatalogue(s.catalogue().withPixelType(t)))
                .orElse(s));
    return Optional.empty();
  }

  private Optional<String> built(String text) {
    if (text.isEmpty()) {
      edit(run.name() + " is not counted.", r -> r.withBuilt(OptionalInt.empty()));
      return Optional.empty();
    }
    Optional<Integer> value = Numbers.wholeIn(Range.PIXELS, text);
    value.ifPresent(v -> session.count(run.name(), v));
    return value.isPresent()
        ? Optional.empty()
        : Optional.of("Give the number that was counted, or nothing.");
  }

  private Optional<String> group(String text) {
    Optional<String> to = Optional.of(text).filter(t -> !t.isEmpty());
    if (text.length() > Names.LENGTH_MAX) {
      return Optional.of("Give at most " + Names.LENGTH_MAX + " characters.");
    }
    edit(
        run.name() + to.map(t -> " belongs to " + t + ".").orElse(" belongs to no group."),
        r -> r.withGroup(to));
    return Optional.empty();
  }

  private Optional<String> lead(OptionalDouble metres) {
    String what =
        metres.isEmpty()
            ? ": lead by the rule."
            : ": lead of " + lengths.text(metres.getAsDouble()) + ".";
    edit(run.name() + what, r -> r.withLead(metres));
    return Optional.empty();
  }
}
