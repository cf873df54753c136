package bunting.core.limits;

import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Face;
import bunting.core.show.HeldPost;
import bunting.core.show.Hours;
import bunting.core.show.Mains;
import bunting.core.show.MainsDevice;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Preparation;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.core.show.Texts;
import bunting.core.show.Underlay;
import bunting.core.show.edit.Names;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Whether a show keeps the limits of its file: what does not could be written and never be opened
 * again, so an edit that breaks one is not done. The readers ask the same ranges.
 */
public final class ShowLimits {
  private Optional<String> problem = Optional.empty();

  private ShowLimits() {}

  /** What is beyond its limit, in a sentence; empty: nothing. */
  public static Optional<String> problem(Show show) {
    ShowLimits limits = new ShowLimits();
    limits.examine(show);
    return limits.problem;
  }

  private void examine(Show show) {
    problem = Counts.problem(show);
    name("The show's name", show.settings().name());
    if (show.settings().currency().length() > Range.CURRENCY_MAX
        || broken(show.settings().currency())) {
      say("The currency should have at most " + Range.CURRENCY_MAX + " characters.");
    }
    unique("Runs, sets and strings", lights(show));
    show.runs().forEach(this::run);
    show.controllers().ifPresent(this::boxes);
    sites("Places for boxes", show.sites());
    survey(show.survey());
    show.others().plainSets().forEach(this::set);
    show.others().bulbStrings().forEach(this::string);
    show.circuits().ifPresent(this::circuits);
    mains(show.mains());
    for (HeldPost post : show.wiring().posts()) {
      number("The cable of a feed of " + post.run(), post.lengthM().orElse(0), Range.LENGTH);
    }
    preparation(show.preparation());
    show.network().lan().taken().forEach((a, what) -> shortText("What is at " + a, what));
    show.network()
        .lan()
        .borrowed()
        .forEach((box, from) -> shortText("Whose cable " + box + " is on", from));
    show.allotting().handOut().ifPresent(h -> shortText("To whom they were handed out", h.to()));
    show.addressing()
        .reserved()
        .forEach(r -> shortText("The owner of universes " + r.text(), r.owner()));
  }

  private void preparation(Preparation p) {
    number("Days before the first evening", p.readyDays(), Range.DAYS_AHEAD);
    p.opening().ifPresent(d -> number("The year of the first evening", d.getYear(), Range.YEARS));
    for (Preparation.Offer o : p.offers()) {
      name("A part that is offered", o.part());
      shortText("Who offers " + o.part(), o.from());
      number("The price of " + o.part(), o.price(), Range.MONEY);
      number("What is in a pack of " + o.part(), o.pack(), Range.PACK);
      number("Days until " + o.part() + " is there", o.days(), Range.DAYS_AHEAD);
    }
    p.plugs().forEach(t -> shortText("The plug of " + t.pixelType(), t.plug()));
  }

  private static List<String> lights(Show show) {
    List<String> names = new java.util.ArrayList<>();
    show.runs().forEach(r -> names.add(r.name()));
    show.others().plainSets().forEach(s -> names.add(s.name()));
    show.others().bulbStrings().forEach(b -> names.add(b.name()));
    return names;
  }

  private void say(String sentence) {
    problem = problem.or(() -> Optional.of(sentence));
  }

  private void name(String what, String text) {
    if (!Names.sound(text) || broken(text)) {
      say(what + " should have 1 to " + Names.LENGTH_MAX + " characters.");
    }
  }

  private void shortText(String what, String text) {
    if (text.length() > Names.LENGTH_MAX || broken(text)) {
      say(what + " should have at most " + Names.LENGTH_MAX + " characters.");
    }
  }

  /** Half a character: it cannot be written as UTF-8. */
  private static boolean broken(String text) {
    return text.codePoints()
        .anyMatch(c -> c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE);
  }

  private void unique(String what, List<String> names) {
    Set<String> seen = new HashSet<>();
    names.stream()
        .filter(n -> !seen.add(n))
        .findFirst()
        .ifPresent(n -> say(what + " have names of their own; " + n + " stands twice."));
  }

  private void number(String what, double value, Range range) {
    if (!range.holds(value)) {
      say(
          what
              + " should be "
              + range.text()
              + (Double.isFinite(value) ? ", not " + Texts.number(value) : "")
              + ".");
    }
  }

  private void at(String what, Point place) {
    number(what + ", across,", place.x(), Range.PLACE);
    number(what + ", up,", place.y(), Range.PLACE);
    number(what + ", inwards,", place.z(), Range.PLACE);
  }

  private void run(Run run) {
    name("The name of a run", run.name());
    String what = "The place of " + run.name();
    number("The pixels of " + run.name(), run.pixels(), Range.PIXELS);
    number("The planned pixels of " + run.name(), run.plannedPixels(), Range.PIXELS);
    run.lengthM().ifPresent(m -> number("The length of " + run.name(), m, Range.RUN_LENGTH));
    run.leadM().ifPresent(m -> number("The lead of " + run.name(), m, Range.LENGTH));
    number("The guess at " + run.name(), run.guess().lengthPercent(), Range.GUESS);
    number("The guess at the lead of " + run.name(), run.guess().leadPercent(), Range.GUESS);
    run.guess().readOff().ifPresent(t -> shortText("What " + run.name() + " was read off", t));
    run.group().ifPresent(g -> name("The group of " + run.name(), g));
    run.hanging().course().ifPresent(c -> course(what, c));
    at(what, run.start());
    run.end().ifPresent(e -> at(what, e));
    run.hanging().route().forEach(p -> at("The lead of " + run.name(), p));
  }

  private void course(String what, Course course) {
    switch (course) {
      case Course.Back b -> course(what, b.of());
      case Course.Traced t -> t.corners().forEach(c -> at(what, c));
      case Course.Facing f -> {
        course(what, f.flat());
        number(what + ", its facing,", f.turnDeg(), Range.TURNS);
      }
      case Course.Wrap w -> {
        at(what, w.foot());
        number(what + ", its bar,", w.barM(), Range.RUN_LENGTH);
        number(what + ", its girth,", w.girthM(), Range.RUN_LENGTH);
        number(what + ", its turns,", w.turns(), Range.WINDINGS);
        number(what + ", its direction,", w.directionDeg(), Range.TURNS);
      }
      case Course.Ring r -> {
        at(what, r.centre());
        number(what + ", its radius,", r.radiusM(), Range.RUN_LENGTH);
        number(what + ", its beginning,", r.startDeg(), Range.TURNS);
        number(what + ", its sweep,", r.sweepDeg(), Range.DEGREES);
      }
      case Course.Grid g -> {
        at(what, g.corner());
        number(what + ", a line of it,", g.lineM(), Range.RUN_LENGTH);
        number(what + ", its gaps,", g.gapM(), Range.LENGTH);
        number(what + ", its direction,", g.directionDeg(), Range.TURNS);
      }
      case Course.Spokes s -> {
        at(what, s.centre());
        number(what + ", its inner radius,", s.innerM(), Range.LENGTH);
        number(what + ", its outer radius,", s.outerM(), Range.RUN_LENGTH);
        number(what + ", its beginning,", s.startDeg(), Range.TURNS);
      }
    }
  }

  private void boxes(List<Controller> boxes) {
    unique("Boxes", boxes.stream().map(Controller::id).toList());
    for (Controller box : boxes) {
      name("The name of a box", box.id());
      at("The place of " + box.id(), box.at());
    }
  }

  private void sites(String what, List<Site> sites) {
    unique(what, sites.stream().map(Site::id).toList());
    for (Site site : sites) {
      name("The name of a place", site.id());
      at("The place of " + site.id(), site.at());
    }
  }

  private void survey(Survey survey) {
    unique("Outlets", survey.outlets().stream().map(Survey.Outlet::id).toList());
    for (Survey.Outlet outlet : survey.outlets()) {
      name("The name of an outlet", outlet.id());
      at("The place of " + outlet.id(), outlet.at());
    }
    sites("Network points", survey.networkPoints());
    for (Survey.Note note : survey.notes()) {
      name("A note", note.text());
      at("The place of a note", note.at());
    }
    survey.underlay().ifPresent(this::underlay);
    unique(
        "Faces",
        Stream.concat(Stream.of(Face.FRONT), survey.faces().stream().map(Face::name)).toList());
    for (Face face : survey.faces()) {
      name("The name of a face", face.name());
      at("Where " + face.name() + " begins", new Point(face.fromX(), 0, face.fromZ()));
      at("Where " + face.name() + " ends", new Point(face.toX(), 0, face.toZ()));
      number("The width of " + face.name(), face.widthM(), Range.FACE);
      face.underlay().ifPresent(this::underlay);
    }
  }

  private void underlay(Underlay u) {
    at("The place of the picture", u.origin());
    number("The scale of the picture, metres a unit,", u.metresPerUnit(), Range.METRES_PER_UNIT);
    number("The turn of the picture", u.turnDeg(), Range.DEGREES);
    number("How strongly the picture shows", u.opacityPercent(), Range.PERCENT);
  }

  private void circuits(List<Circuit> circuits) {
    unique("Circuits", circuits.stream().map(Circuit::id).toList());
    for (Circuit c : circuits) {
      name("The name of a circuit", c.id());
      number("The volts of " + c.id(), c.volts(), Range.VOLTS);
      number("The breaker of " + c.id(), c.breakerAmps(), Range.BREAKER);
      number("What else is on " + c.id(), c.restAmps(), Range.AMPS);
      c.facts().phase().ifPresent(p -> number("The phase of " + c.id(), p, Range.PHASE));
      c.facts().rcdMilliamps().ifPresent(m -> number("The RCD of " + c.id(), m, Range.MILLIAMPS));
      shortText("What the RCD of " + c.id() + " opens too", c.facts().rcdWith());
      shortText("The socket of " + c.id(), c.facts().socket());
      c.facts().at().ifPresent(p -> at("The outlet of " + c.id(), p));
      for (CircuitFacts.Appliance a : c.facts().also()) {
        name("What else is on " + c.id(), a.what());
        number("The amps of " + a.what() + " on " + c.id(), a.amps(), Range.AMPS);
      }
    }
  }

  private void mains(Mains mains) {
    unique("Things on the mains", mains.devices().stream().map(MainsDevice::id).toList());
    for (MainsDevice d : mains.devices()) {
      name("The name of a thing on the mains", d.id());
      number("The watts of " + d.id(), d.watts(), Range.WATTS);
      d.at().ifPresent(p -> at("The place of " + d.id(), p));
      d.circuit().ifPresent(c -> name("The circuit of " + d.id(), c));
      d.keeps().ifPresent(b -> name("The box that " + d.id() + " keeps", b));
    }
    number("The share of a breaker", mains.rules().continuousPercent(), Range.CONTINUOUS);
    mains.rules().temporaryDays().ifPresent(d -> number("The days", d, Range.DAYS));
    mains.hours().ifPresent(this::hours);
  }

  private void hours(Hours h) {
    List<Hours.Season> seasons = new java.util.ArrayList<>(List.of(h.season()));
    seasons.addAll(h.apart().seasons());
    for (Hours.Season s : seasons) {
      number("The year of the first day", s.from().getYear(), Range.YEARS);
      number("The year of the last day", s.to().getYear(), Range.YEARS);
      if (s.to().isBefore(s.from()) || s.from().plusDays(Range.SEASON_DAYS).isBefore(s.to())) {
        say(
            "The last day of a season should not be before its first, nor more than "
                + Range.SEASON_DAYS
                + " days after it.");
      }
    }
    h.switched().forEach(id -> name("What is cut while all is dark", id));
    number("The latitude", h.place().latitude(), Range.LATITUDE);
    number("The longitude", h.place().longitude(), Range.LONGITUDE);
    number("The minutes after sunset", h.onOffsetMinutes(), Range.MINUTES_APART);
    number("The average brightness", h.averagePercent(), Range.PERCENT);
    number("The price of a kilowatt hour", h.tariff().pricePerKwh(), Range.MONEY);
    if (h.tariff().currency().length() > Range.CURRENCY_MAX) {
      say("The currency should have at most " + Range.CURRENCY_MAX + " characters.");
    }
  }

  private void set(PlainSet set) {
    name("The name of a set", set.name());
    at("The place of " + set.name(), set.at());
    number("The volts of " + set.name(), set.volts(), Range.SET_VOLTS);
    number("The colours of " + set.name(), set.channels(), Range.SET_CHANNELS);
    number("The watts of " + set.name(), set.watts(), Range.SET_WATTS);
    set.leadM().ifPresent(m -> number("The lead of " + set.name(), m, Range.LENGTH));
    set.group().ifPresent(g -> name("The group of " + set.name(), g));
  }

  private void string(BulbString string) {
    name("The name of a string", string.name());
    at("The place of " + string.name(), string.at());
    number("The bulbs of " + string.name(), string.bulbs(), Range.PIXELS);
    number("The watts of a bulb of " + string.name(), string.wattsPerBulb(), Range.BULB_WATTS);
    number("The cord of " + string.name(), string.cordAmpsMax(), Range.CORD_AMPS);
    number("The length of " + string.name(), string.lengthM(), Range.LENGTH);
  }
}
