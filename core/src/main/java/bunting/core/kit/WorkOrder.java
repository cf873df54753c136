package bunting.core.kit;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Done;
import bunting.core.show.PriceList;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Writes the steps of a work list: boxes, then each place with all that hangs and is joined there,
 * then tests.
 */
final class WorkOrder {
  private static final double BOX_MINUTES = 20;
  private static final double PORT_MINUTES = 2;
  private static final double HANG_MINUTES_PER_M = 2;
  private static final double LEAD_MINUTES = 4;
  private static final double FEED_MINUTES = 6;
  private static final double TEST_MINUTES = 5;

  /** A place: a stretch of the elevation, low or high. */
  private record Place(long stretch, long depth, boolean high) {
    static Place of(Point p) {
      return new Place(stretch(p.x()), stretch(p.z()), p.y() > WorkList.LADDER_M);
    }

    private static long stretch(double metres) {
      return Math.floorDiv(Math.round(metres * 1000), Math.round(WorkList.PLACE_M * 1000));
    }

    Point middle() {
      return new Point(
          (stretch + 0.5) * WorkList.PLACE_M,
          high ? 2 * WorkList.LADDER_M : 0,
          depth == 0 ? 0 : (depth + 0.5) * WorkList.PLACE_M);
    }

    int people() {
      return high ? 2 : 1;
    }
  }

  private final Reading reading;
  private final PriceList prices;
  private final Lengths lengths;
  private final List<WorkList.Step> steps = new ArrayList<>();
  private final Map<String, Integer> boxStep = new LinkedHashMap<>();
  private final Map<String, Integer> hung = new LinkedHashMap<>();
  private final Map<String, Integer> joined = new LinkedHashMap<>();
  private final Map<String, SegmentReading> previous = new HashMap<>();

  WorkOrder(Reading reading) {
    this.reading = reading;
    this.prices = reading.show().allotting().planning().prices();
    this.lengths = Lengths.of(reading.show());
    SegmentReading last = null;
    for (SegmentReading s : reading.segments()) {
      if (last != null && s.segment().position() > 1) {
        previous.put(s.segment().id(), last);
      }
      last = s;
    }
  }

  WorkList write() {
    boxes();
    runs();
    tests();
    return new WorkList(steps);
  }

  private int step(
      String place, String what, List<Integer> after, int people, double minutes, Done key) {
    steps.add(new WorkList.Step(steps.size() + 1, place, what, after, people, minutes, false, key));
    return steps.size();
  }

  /** The box that is nearest, how far along the elevation, and whether on a ladder. */
  private String words(Place place) {
    return reading.decisions().controllers().stream()
            .min(Comparator.comparingDouble(c -> c.controller().at().distanceTo(place.middle())))
            .map(c -> c.controller().id() + ", ")
            .orElse("")
        + lengths.round(place.stretch() * WorkList.PLACE_M)
        + " to "
        + lengths.round((place.stretch() + 1) * WorkList.PLACE_M)
        + depth(place)
        + (place.high() ? ", ladder" : ", from the ground");
  }

  private String depth(Place place) {
    return place.depth() == 0
        ? ""
        : ", " + lengths.round(place.depth() * WorkList.PLACE_M) + " back";
  }

  private static String wired(PlacedController c) {
    List<String> supplies = c.supplies();
    return supplies.isEmpty()
        ? ""
        : ", wire supply " + String.join(" and supply ", supplies) + " to it";
  }

  private void boxes() {
    List<PlacedController> boxes = new ArrayList<>(reading.decisions().controllers());
    boxes.sort(
        Comparator.comparingDouble((PlacedController c) -> c.controller().x())
            .thenComparingDouble(c -> c.controller().z()));
    Map<String, Long> ports = new LinkedHashMap<>();
    reading.ports().stream()
        .filter(p -> !p.segments().isEmpty())
        .forEach(p -> ports.merge(p.controller(), 1L, Long::sum));
    for (PlacedController c : boxes) {
      String id = c.controller().id();
      Place place = Place.of(c.controller().at());
      double minutes = BOX_MINUTES + PORT_MINUTES * ports.getOrDefault(id, 0L);
      String what = "Set box " + id + wired(c) + "; fuses stay out, mains stay off";
      boxStep.put(
          id,
          step(
              words(place),
              what,
              List.of(),
              place.people(),
              minutes,
              new Done(Preparation.Work.BOX, id, 0)));
    }
  }

  private void runs() {
    Map<Place, List<SegmentReading>> places = new LinkedHashMap<>();
    reading.segments().stream()
        .sorted(
            Comparator.comparing((SegmentReading s) -> Place.of(start(s)).stretch())
                .thenComparing(s -> Place.of(start(s)).depth())
                .thenComparing(s -> Place.of(start(s)).high())
                .thenComparing(s -> s.segment().id()))
        .forEach(s -> places.computeIfAbsent(Place.of(start(s)), k -> new ArrayList<>()).add(s));
    List<Place> order = new ArrayList<>(places.keySet());
    Map<Place, List<SegmentReading>> joins = new LinkedHashMap<>();
    for (SegmentReading s : reading.segments()) {
      Place own = Place.of(start(s));
      Place there = before(s).map(b -> Place.of(start(b))).orElse(own);
      // A lead from run to run is joined at the later of both places: nobody climbs twice.
      Place later = order.indexOf(there) > order.indexOf(own) ? there : own;
      joins.computeIfAbsent(later, k -> new ArrayList<>()).add(s);
    }
    places.forEach(
        (place, list) -> {
          list.forEach(s -> hang(place, s));
          joins.getOrDefault(place, List.of()).forEach(s -> join(place, s));
        });
  }

  private Optional<SegmentReading> before(SegmentReading s) {
    return Optional.ofNullable(previous.get(s.segment().id()));
  }

  private static Point start(SegmentReading s) {
    return Geometry.pixel(s.run(), s.type(), s.segment().firstPixel());
  }

  private static String name(SegmentReading s) {
    var d = s.segment();
    return d.pixels() == s.run().pixels()
        ? s.run().name()
        : s.run().name() + " " + d.firstPixel() + "-" + d.lastPixel();
  }

  private static Done key(Preparation.Work work, SegmentReading s) {
    return new Done(work, s.run().name(), s.segment().firstPixel());
  }

  private void hang(Place place, SegmentReading s) {
    double metres = s.segment().pixels() / s.type().pitchPerM();
    String what = "Hang " + name(s) + ", " + s.segment().pixels() + " pixels; count them";
    hung.put(
        s.segment().id(),
        step(
            words(place),
            what,
            List.of(),
            place.people(),
            HANG_MINUTES_PER_M * metres,
            key(Preparation.Work.HANG, s)));
  }

  private void join(Place place, SegmentReading s) {
    var d = s.segment();
    List<Integer> after = new ArrayList<>();
    after.add(boxStep.getOrDefault(d.controller(), 0));
    after.add(hung.getOrDefault(d.id(), 0));
    before(s).ifPresent(b -> after.add(hung.getOrDefault(b.segment().id(), 0)));
    after.removeIf(n -> n == 0);
    after.sort(Comparator.naturalOrder());
    List<FeedReading> feeds =
        reading.feedsBySegment().getOrDefault(d.id(), List.of()).stream()
            .filter(f -> !f.feed().viaPort())
            .toList();
    double minutes = LEAD_MINUTES;
    StringBuilder what = new StringBuilder();
    what.append("Lead of ")
        .append(name(s))
        .append(
            d.position() == 1
                ? " from " + d.controller() + " port " + d.port()
                : " from the run before it");
    for (FeedReading f : feeds) {
      minutes += FEED_MINUTES + prices.minutesFor(f.attach());
      what.append("; feed at pixel ")
          .append(f.feed().atPixel())
          .append(" (")
          .append(f.attach().work())
          .append(')');
    }
    joined.put(
        d.id(),
        step(
            words(place),
            what.toString(),
            after,
            place.people(),
            minutes,
            key(Preparation.Work.JOIN, s)));
  }

  private void tests() {
    Map<String, List<Integer>> of = new LinkedHashMap<>();
    for (SegmentReading s : reading.segments()) {
      Integer step = joined.get(s.segment().id());
      if (step != null) {
        of.computeIfAbsent(s.segment().controller(), k -> new ArrayList<>()).add(step);
      }
    }
    of.forEach(
        (box, steps) -> {
          steps.sort(Comparator.naturalOrder());
          step(
              "at " + box,
              "Fuses in, mains on, white at a low brightness, then the chase; meter at the far"
                  + " ends of "
                  + box,
              steps,
              1,
              TEST_MINUTES * steps.size(),
              new Done(Preparation.Work.TEST, box, 0));
        });
  }
}
