package bunting.core.kit;

import bunting.core.assess.Distribution;
import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.core.show.Input;
import bunting.core.show.LeadHelper;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Planning;
import bunting.core.show.Run;
import bunting.core.show.SupplyType;
import bunting.core.show.Texts;
import bunting.core.stock.CutList;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * All that a plan takes, what lies on the shelf, and what is left to buy.
 *
 * <p>Counted from the plan: packs of the cut list, boxes that are not there yet, supplies, blocks,
 * every fuse and its holder, cable by size, a plug and a socket for each lead and feed, ferrules
 * for every end under a screw, a gland for each cable that enters a box, an enclosure by what goes
 * in and what heat goes out, track, clips, labels. Spares are a fifth of small things and two at
 * least, a tenth of cable (common practice, no source).
 */
public final class ShoppingList {
  private static final int CLIPS_A_PACK = 100;
  private static final double TRACK_M = 2;

  /** Clips for a metre of string that hangs in no track (our reckoning). */
  private static final double CLIPS_PER_M = 2;

  private final Reading reading;
  private final List<Need> needs = new ArrayList<>();

  private ShoppingList(Reading reading) {
    this.reading = reading;
  }

  /**
   * What a plan needs, group by group.
   *
   * @param stock what the log knows to lie on the shelf, by {@link Need#part}
   */
  public static List<Need> of(
      Reading reading, CutList cuts, List<Cables.Cable> cables, Map<String, Integer> stock) {
    ShoppingList list = new ShoppingList(reading);
    list.pixels(cuts);
    list.boxes();
    list.power();
    list.fuses();
    list.fixings();
    list.needs.addAll(CableNeeds.of(reading, cables));
    return list.needs.stream()
        .map(n -> n.withMore(Math.max(0, stock.getOrDefault(n.part(), 0))))
        .sorted(Comparator.comparing(Need::group))
        .toList();
  }

  private void add(Need.Group group, String kind, String size, int count, int all, int shelf) {
    add(group, kind, size, count, all, shelf, 0);
  }

  private void add(
      Need.Group group, String kind, String size, int count, int all, int shelf, double price) {
    if (count > 0) {
      needs.add(new Need(group, kind, size, count, all, shelf, "pieces", 1, price));
    }
  }

  private void pixels(CutList cuts) {
    for (CutList.OfType type : cuts.types()) {
      for (CutList.Order o : type.orders()) {
        String size = "pack of " + o.packPixels() + " px";
        needs.add(
            new Need(
                Need.Group.PIXELS,
                type.type().name(),
                size,
                o.cut(),
                o.packs(),
                0,
                "packs",
                1,
                o.packCost()));
      }
    }
  }

  private void boxes() {
    Set<String> owned = reading.show().ownedControllers();
    Map<String, ControllerType> kinds = reading.show().catalogue().controllerTypesById();
    Map<String, Integer> count = new TreeMap<>();
    Map<String, Integer> there = new TreeMap<>();
    for (PlacedController c : reading.decisions().controllers()) {
      count.merge(c.controller().type(), 1, Integer::sum);
      if (owned.contains(c.controller().id())) {
        there.merge(c.controller().type(), 1, Integer::sum);
      }
    }
    Planning planning = reading.show().allotting().planning();
    count.forEach(
        (id, n) -> {
          ControllerType kind = kinds.get(id);
          int shelf = there.getOrDefault(id, 0) + owned(planning.ownedBoxes(), id);
          if (kind != null) {
            add(Need.Group.BOXES, "board", kind.name(), n, n, shelf, kind.cost());
          }
        });
    Map<DimmerType, Integer> pwm = new TreeMap<>(Comparator.comparing(DimmerType::id));
    reading.others().boards().forEach(b -> pwm.merge(b.type(), 1, Integer::sum));
    pwm.forEach(
        (kind, n) -> {
          int shelf = owned(planning.ownedDimmers(), kind.id());
          add(Need.Group.BOXES, "PWM board", kind.name(), n, n, shelf, kind.cost());
        });
    Map<LeadHelper, Integer> helpers = new TreeMap<>(Comparator.comparing(LeadHelper::id));
    reading.segments().forEach(s -> s.help().ifPresent(h -> helpers.merge(h, 1, Integer::sum)));
    helpers.forEach(
        (h, n) -> add(Need.Group.BOXES, "lead helper", h.name(), n, Spares.of(n), 0, h.cost()));
    Map<String, Integer> enclosures = new LinkedHashMap<>();
    Enclosures.of(reading).stream()
        .sorted(Comparator.comparingInt(Enclosures::litres))
        .forEach(e -> enclosures.merge(e.words(), 1, Integer::sum));
    enclosures.forEach(
        (size, n) -> add(Need.Group.BOXES, "enclosure for the weather", size, n, n, 0));
  }

  private static int owned(List<Planning.Owned> list, String type) {
    return list.stream().filter(o -> o.type().equals(type)).mapToInt(Planning.Owned::count).sum();
  }

  private void power() {
    Map<String, Integer> count = new TreeMap<>();
    reading.supplies().stream()
        .map(SupplyReading::type)
        .forEach(t -> count.merge(t.id(), 1, Integer::sum));
    Map<String, SupplyType> kinds = reading.show().catalogue().supplyTypesById();
    Planning planning = reading.show().allotting().planning();
    count.forEach(
        (id, n) -> {
          SupplyType type = kinds.get(id);
          double price = type == null ? 0 : type.cost();
          add(Need.Group.POWER, "supply", id, n, n, owned(planning.ownedSupplies(), id), price);
        });
    Map<String, Integer> blocks = new TreeMap<>();
    Map<String, Double> prices = new TreeMap<>();
    for (Distribution.Block b : Distribution.of(reading).blocks()) {
      blocks.merge(b.type().name(), 1, Integer::sum);
      prices.put(b.type().name(), b.type().cost());
    }
    blocks.forEach(
        (name, n) ->
            add(
                Need.Group.POWER,
                "distribution block",
                name,
                n,
                n,
                0,
                prices.getOrDefault(name, 0.0)));
  }

  /** Fuses of feeds, one in each input wire, one in each set's lead. */
  private void fuses() {
    Map<Double, Integer> fuses = new TreeMap<>();
    Set<String> seen = new HashSet<>();
    for (FeedReading f : reading.feeds()) {
      if (seen.add(f.feed().fuse())) {
        fuses.merge(f.feed().fuseAmps(), 1, Integer::sum);
      }
    }
    int holders = 0;
    for (Input input : reading.decisions().inputs()) {
      fuses.merge(input.fuseAmps(), input.wires(), Integer::sum);
      holders += input.wires();
    }
    for (OtherDecisions.Output output : reading.decisions().others().outputs()) {
      fuses.merge(output.fuseAmps(), 1, Integer::sum);
      holders++;
    }
    fuses.forEach(
        (amps, n) ->
            add(Need.Group.FUSES, "blade fuse", Texts.number(amps) + " A", n, Spares.of(n), 0));
    add(Need.Group.FUSES, "fuse holder in the wire", "", holders, Spares.of(holders), 0);
  }

  private void fixings() {
    double track = 0;
    double clips = 0;
    Map<String, PixelType> types = reading.show().catalogue().pixelTypesById();
    for (Run run : reading.show().runs()) {
      PixelType type = types.get(run.type());
      if (type != null && type.strip()) {
        track += Geometry.lengthM(run, type);
      } else if (type != null) {
        clips += CLIPS_PER_M * Geometry.lengthM(run, type);
      }
    }
    if (track > 0) {
      double all = Spares.cable(track);
      needs.add(
          new Need(
              Need.Group.FIXINGS, "track for strip", "2 m bars", track, all, 0, "m", TRACK_M, 0));
    }
    if (clips > 0) {
      int n = (int) Math.ceil(clips);
      needs.add(
          new Need(
              Need.Group.FIXINGS,
              "clip for strings",
              "",
              n,
              Spares.of(n),
              0,
              "pieces",
              CLIPS_A_PACK,
              0));
    }
  }
}
