package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Catalogue;
import bunting.core.show.Circuit;
import bunting.core.show.Conductors;
import bunting.core.show.Course;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Hanging;
import bunting.core.show.HeldPost;
import bunting.core.show.LoadKind;
import bunting.core.show.OtherDecisions;
import bunting.core.show.OtherLoads;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Readings with one fault of safety each, by the code of the check that must find it. */
final class SafetyFaults {
  private SafetyFaults() {}

  static Map<String, Reading> all() {
    Map<String, Reading> faults = new HashMap<>();
    faults.put("cannot-stand", read(collapse(19.5)));
    faults.put("circuit-over", overloaded());
    faults.put("set-amps", weakFuse());
    Show rail = held(150, OptionalDouble.of(5), 1);
    faults.put("rail-over-limit", read(rail));
    faults.put("rail-amps", read(held(150, OptionalDouble.empty(), 1)));
    faults.put("back-feed", bare());
    faults.put("lead-amps", thinLead());
    faults.put("jumper-amps", read(spoked()));
    return faults;
  }

  static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  /** 200 pixels of 20 mA at 12 V, 48 W that stay 48 W, behind so many metres of 18 AWG. */
  static Show collapse(double metres) {
    PixelType string =
        new PixelType(
            "s",
            "12 V string that keeps its power",
            12,
            3,
            "RGB",
            8,
            Signal.ONE_WIRE_800K,
            10,
            1,
            20,
            0,
            LoadKind.CONSTANT_POWER,
            0);
    Catalogue catalogue = StandardCatalogue.get().withPixelType(string);
    Show show = Show.of(List.of(Run.of("Weir", "s", 200))).withCatalogue(catalogue);
    Conductors copper =
        new Conductors(
            20, 0, 0, 0, metres, 1, Optional.of("18AWG"), true, Map.of(), Conductors.JUMPER);
    HeldPost post = new HeldPost("Weir", 1, true, Optional.of("16AWG"), OptionalDouble.of(0.01));
    return show.withWiring(show.wiring().with(copper).withPosts("Weir", List.of(post)));
  }

  /** Two strands of 120 pixels, all fed at the first pixel: the jumper carries the second's. */
  private static Show spoked() {
    Course two = new Course.Grid(new Point(0, 2), 2, 2, 0.5, 0, false);
    Show straight = held(240, OptionalDouble.empty(), 1);
    return straight.withRun(straight.runs().getFirst().withHanging(Hanging.along(two)));
  }

  /** A 5 V strip with feeds by hand at these pixels, from the distribution. */
  static Show held(int pixels, OptionalDouble railMost, int... at) {
    Catalogue c = StandardCatalogue.get();
    PixelType strip = c.pixelTypesById().get("5v-strip-60").withRailAmpsMax(railMost);
    Show show =
        Show.of(List.of(Run.of("Weir", strip.id(), pixels))).withCatalogue(c.withPixelType(strip));
    List<HeldPost> posts = new ArrayList<>();
    for (int pixel : at) {
      posts.add(new HeldPost("Weir", pixel, false, Optional.of("12AWG"), OptionalDouble.of(0.5)));
    }
    return show.withWiring(show.wiring().withPosts("Weir", posts));
  }

  /** Two runs joined by a lead that is too thin for what the second draws. */
  private static Reading thinLead() {
    Show show =
        bunting.core.Chains.onOnePort(
            Show.of(
                List.of(Run.of("Sluice", "5v-strip-60", 20), Run.of("Weir", "5v-strip-60", 65))),
            "box-4");
    Decisions plan = Planner.sketch(show);
    List<Segment> segments = new ArrayList<>(plan.segments());
    Segment s = segments.removeLast();
    segments.add(
        new Segment(
            s.id(),
            s.run(),
            s.firstPixel(),
            s.lastPixel(),
            s.controller(),
            s.port(),
            s.position(),
            Optional.of("22AWG"),
            true));
    List<Feed> first = plan.feeds().stream().filter(f -> f.segment().equals("Sluice#1")).toList();
    return Reading.of(
        show,
        new Decisions(
            plan.controllers(),
            segments,
            first,
            plan.breaks(),
            plan.supplies(),
            plan.unplaced(),
            1));
  }

  private static Reading bare() {
    Show show = held(150, OptionalDouble.empty(), 1, 150);
    Decisions plan = Planner.sketch(show);
    List<Feed> feeds = new ArrayList<>(plan.feeds());
    Feed f = feeds.removeLast();
    feeds.add(f.withFuse(3).withWire("22AWG"));
    return Reading.of(show, plan.withFeeds(feeds));
  }

  private static Reading overloaded() {
    Show bare = Show.of(List.of(Run.of("Weir", "5v-strip-60", 600)));
    Show show =
        new Show(
            bare.settings(),
            bare.sites(),
            bare.addressing(),
            bare.catalogue(),
            bare.controllers(),
            Optional.of(List.of(new Circuit("kitchen", 230, 0.5, 0))),
            bare.runs());
    Decisions plan = Planner.sketch(bare);
    List<Supply> on =
        plan.supplies().stream()
            .map(s -> new Supply(s.id(), s.type(), s.at(), Optional.of("kitchen")))
            .toList();
    return Reading.of(show, plan.with(on, plan.others()));
  }

  static PlainSet set(double watts, double leadM) {
    return new PlainSet(
        "Boats", 12, 1, watts, new Point(1, 0), OptionalDouble.of(leadM), Optional.empty());
  }

  private static Reading weakFuse() {
    Show show = Show.of(List.of()).withOthers(new OtherLoads(List.of(set(36, 3)), List.of()));
    Decisions plan = Planner.sketch(show);
    OtherDecisions o = plan.others();
    List<OtherDecisions.Output> weak =
        o.outputs().stream()
            .map(p -> new OtherDecisions.Output(p.set(), p.dimmer(), p.firstOutput(), 1, p.wire()))
            .toList();
    return Reading.of(
        show,
        plan.with(plan.supplies(), new OtherDecisions(o.dimmers(), weak, o.chains(), o.devices())));
  }
}
