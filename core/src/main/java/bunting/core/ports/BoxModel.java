package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.Goal;
import bunting.core.show.PixelType;
import bunting.core.show.Planning;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Which run goes on which box, as a model for CP-SAT. It is a relaxation: in larger parts the ports
 * of a box are one heap of pixels and time, and universes are one heap of slots, so that what it
 * proves holds for every allotment that divides no run between boxes.
 */
final class BoxModel {
  /** Money in hundredths, metres in centimetres, time in hundredths of a microsecond. */
  static final double SCALE = 100;

  private static final double[] THRESHOLDS = {0.2, 0.3, 0.35, 0.4, 0.45, 0.5};

  /** A whole port, in the units of {@link #counted}. */
  private static final long PORT = 10_000;

  /** Up to so many pairs of a run and a port, ports are modelled one by one. */
  private static final int PLACES_MAX = 1_200;

  private static final int COUNT_MAX = 100_000;

  /** Up to so many pairs of a run and a place, each is wired for its price. */
  private static final int WIRED_MAX = 1_000;

  private final Show show;
  private final Prices prices;
  private final List<Run> runs;
  private final List<BoxLoad> boxes;
  private final BoxSearch.Allowed allowed;
  private final Map<String, PixelType> types;
  final CpModel model = new CpModel();

  /** By run and box; a false constant where the pair is not allowed. */
  final Literal[][] on;

  private final List<Literal> missing = new ArrayList<>();
  private final Literal[] used;
  private final LinearExprBuilder split = LinearExpr.newBuilder();
  private final LinearExprBuilder supplyCost = LinearExpr.newBuilder();

  /**
   * @param carefully whether a box keeps a universe in hand, and pixels that straddle are not
   *     counted on
   */
  BoxModel(
      Show show,
      Prices prices,
      List<Run> runs,
      List<BoxLoad> boxes,
      BoxSearch.Allowed allowed,
      boolean carefully) {
    this.show = show;
    this.prices = prices;
    this.runs = runs;
    this.boxes = boxes;
    this.allowed = allowed;
    this.types = show.catalogue().pixelTypesById();
    this.on = new Literal[runs.size()][boxes.size()];
    this.used = new Literal[boxes.size()];
    placeOnce();
    for (int b = 0; b < boxes.size(); b++) {
      hold(b, carefully);
    }
    long places = boxes.stream().mapToLong(b -> b.order().size()).sum() * runs.size();
    for (int b = 0; b < boxes.size() && places <= PLACES_MAX; b++) {
      ports(b);
    }
    banks();
    alike();
    groups();
    supplies();
  }

  private PixelType type(int run) {
    return java.util.Objects.requireNonNull(types.get(runs.get(run).type()));
  }

  private void placeOnce() {
    for (int r = 0; r < runs.size(); r++) {
      List<Literal> places = new ArrayList<>();
      for (int b = 0; b < boxes.size(); b++) {
        if (allowed.may(runs.get(r), boxes.get(b))) {
          BoolVar x = model.newBoolVar("r" + r + "b" + b);
          on[r][b] = x;
          places.add(x);
        } else {
          on[r][b] = model.falseLiteral();
        }
      }
      BoolVar none = model.newBoolVar("none" + r);
      missing.add(none);
      places.add(none);
      model.addExactlyOne(places);
    }
  }

  /** Pixels, time and slots that the box has left. */
  private void hold(int b, boolean carefully) {
    BoxLoad box = boxes.get(b);
    BoolVar use = model.newBoolVar("use" + b);
    used[b] = use;
    long pixelRoom = 0;
    long timeRoom = 0;
    int most = runs.stream().mapToInt(r -> type(runs.indexOf(r)).channels()).max().orElse(1);
    long slots =
        carefully
            ? (box.type().universesMax() - 1L) * (512 - most + 1)
            : box.type().universesMax() * 512L;
    double budget = PortRules.budgetMicros(show.settings().targetFps());
    for (int port : box.order()) {
      PortLoad load = box.ports().get(port - 1);
      pixelRoom += Math.max(0, box.type().pixelsPerPortMax() - load.pixels());
      timeRoom += Math.round(Math.max(0, budget - load.micros()) * SCALE);
    }
    for (PortLoad port : box.ports()) {
      for (Piece p : port.pieces()) {
        slots -= (long) p.run().fitting().sets(p.pixels()) * p.type().channels();
      }
    }
    LinearExprBuilder pixels = LinearExpr.newBuilder();
    LinearExprBuilder time = LinearExpr.newBuilder();
    LinearExprBuilder channels = LinearExpr.newBuilder();
    List<LinearExprBuilder> shares = new ArrayList<>();
    for (int i = 0; i < THRESHOLDS.length; i++) {
      shares.add(LinearExpr.newBuilder());
    }
    for (int r = 0; r < runs.size(); r++) {
      Run run = runs.get(r);
      if (!allowed.may(run, box)) {
        continue;
      }
      PixelType type = type(r);
      pixels.addTerm(on[r][b], run.pixels());
      time.addTerm(on[r][b], (long) Math.floor(run.pixels() * type.wireMicros() * SCALE));
      channels.addTerm(on[r][b], (long) run.fitting().sets(run.pixels()) * type.channels());
      model.addImplication(on[r][b], use);
      double share = PortRules.share(box.type(), type, run.pixels(), show.settings().targetFps());
      for (int i = 0; i < THRESHOLDS.length && !run.split(); i++) {
        shares.get(i).addTerm(on[r][b], counted(share, THRESHOLDS[i]));
      }
    }
    model.addLessOrEqual(pixels, LinearExpr.term(use, pixelRoom));
    model.addLessOrEqual(time, LinearExpr.term(use, timeRoom));
    model.addLessOrEqual(channels, LinearExpr.term(use, Math.max(0, slots)));
    for (LinearExprBuilder share : shares) {
      model.addLessOrEqual(share, (long) box.order().size() * PORT);
    }
  }

  /** The ports one by one: whole runs are on one, others spread their pixels over several. */
  private void ports(int b) {
    BoxLoad box = boxes.get(b);
    double budget = PortRules.budgetMicros(show.settings().targetFps());
    List<LinearExprBuilder> pixels = new ArrayList<>();
    List<LinearExprBuilder> time = new ArrayList<>();
    box.order().forEach(p -> pixels.add(LinearExpr.newBuilder()));
    box.order().forEach(p -> time.add(LinearExpr.newBuilder()));
    for (int r = 0; r < runs.size(); r++) {
      Run run = runs.get(r);
      if (!allowed.may(run, box)) {
        continue;
      }
      long micros = (long) Math.floor(type(r).wireMicros() * SCALE);
      LinearExprBuilder all = LinearExpr.newBuilder();
      for (int p = 0; p < box.order().size(); p++) {
        IntVar share =
            run.split()
                ? model.newIntVar(0, run.pixels(), "share")
                : model.newIntVar(0, 1, "whole");
        long each = run.split() ? 1 : run.pixels();
        all.addTerm(share, each);
        pixels.get(p).addTerm(share, each);
        time.get(p).addTerm(share, each * micros);
      }
      model.addEquality(all, LinearExpr.term(on[r][b], run.pixels()));
    }
    for (int p = 0; p < box.order().size(); p++) {
      PortLoad load = box.ports().get(box.order().get(p) - 1);
      model.addLessOrEqual(
          pixels.get(p), Math.max(0, box.type().pixelsPerPortMax() - load.pixels()));
      model.addLessOrEqual(time.get(p), Math.round(Math.max(0, budget - load.micros()) * SCALE));
    }
  }

  /**
   * What an undivided run counts of a port by a dual feasible function: all of it where nothing of
   * at least t fits beside it, nothing where it is smaller than t (Management Science 13, 1967 and
   * many since). No port holds more than 1 of it.
   */
  private static long counted(double share, double t) {
    if (share > 1 - t + 1e-9) {
      return PORT;
    }
    return share < t ? 0 : (long) Math.floor(share * PORT);
  }

  /** A box has one bank, of one voltage. */
  private void banks() {
    for (int b = 0; b < boxes.size(); b++) {
      Map<Double, List<Literal>> byVolts = new TreeMap<>();
      for (int r = 0; r < runs.size(); r++) {
        if (allowed.may(runs.get(r), boxes.get(b))) {
          byVolts.computeIfAbsent(type(r).volts(), v -> new ArrayList<>()).add(on[r][b]);
        }
      }
      if (byVolts.size() > 1) {
        List<Literal> banks = new ArrayList<>();
        byVolts.forEach(
            (volts, list) -> {
              BoolVar bank = model.newBoolVar("bank" + volts);
              banks.add(bank);
              list.forEach(x -> model.addImplication(x, bank));
            });
        model.addAtMostOne(banks);
      }
    }
  }

  /** Of empty boxes of one kind in one place the first is used first. */
  private void alike() {
    for (int b = 1; b < boxes.size(); b++) {
      BoxLoad one = boxes.get(b - 1);
      BoxLoad other = boxes.get(b);
      if (!prices.isGiven(one.controller())
          && !prices.isGiven(other.controller())
          && one.type().equals(other.type())
          && one.controller().at().equals(other.controller().at())) {
        model.addImplication(used[b], used[b - 1]);
      }
    }
  }

  private void groups() {
    Map<String, List<Integer>> members = new TreeMap<>();
    for (int r = 0; r < runs.size(); r++) {
      double volts = type(r).volts();
      int index = r;
      runs.get(r)
          .group()
          .ifPresent(
              g -> members.computeIfAbsent(volts + "\0" + g, k -> new ArrayList<>()).add(index));
    }
    members.forEach(
        (key, list) -> {
          String group = key.substring(key.indexOf('\0') + 1);
          if (boxes.stream().noneMatch(b -> hosts(b, group))) {
            split.add(-1);
          }
          for (int b = 0; b < boxes.size(); b++) {
            boolean there = hosts(boxes.get(b), group);
            BoolVar host = model.newBoolVar("host");
            for (int r : list) {
              model.addImplication(on[r][b], host);
            }
            if (!there) {
              split.add(host);
            }
          }
        });
  }

  private static boolean hosts(BoxLoad box, String group) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .anyMatch(p -> p.run().group().filter(group::equals).isPresent());
  }

  /** Supplies enough for the load of every place and voltage; those on the shelf cost nothing. */
  private void supplies() {
    Planning planning = show.allotting().planning();
    Map<String, LinearExprBuilder> load = new TreeMap<>();
    Map<String, Double> volts = new TreeMap<>();
    Map<String, Double> there = new TreeMap<>();
    for (int b = 0; b < boxes.size(); b++) {
      Point at = boxes.get(b).controller().at();
      for (int r = 0; r < runs.size(); r++) {
        if (allowed.may(runs.get(r), boxes.get(b))) {
          String place = at + " " + type(r).volts();
          volts.put(place, type(r).volts());
          long watts = (long) Math.floor(prices.watts(type(r), runs.get(r).pixels()) * SCALE);
          load.computeIfAbsent(place, k -> LinearExpr.newBuilder()).addTerm(on[r][b], watts);
        }
      }
      for (PortLoad port : boxes.get(b).ports()) {
        for (Piece p : port.pieces()) {
          String place = at + " " + p.type().volts();
          there.merge(place, prices.watts(p.type(), p.pixels()), Double::sum);
        }
      }
    }
    Map<SupplyType, LinearExprBuilder> taken = new java.util.LinkedHashMap<>();
    load.forEach(
        (place, watts) -> {
          LinearExprBuilder usable = LinearExpr.newBuilder();
          for (SupplyType s : prices.supplies(volts.get(place))) {
            IntVar n = model.newIntVar(0, COUNT_MAX, "n");
            usable.addTerm(n, (long) Math.ceil(prices.usableWatts(s) * SCALE));
            taken.computeIfAbsent(s, k -> LinearExpr.newBuilder()).add(n);
          }
          watts.add((long) Math.floor(there.getOrDefault(place, 0.0) * SCALE));
          if (!prices.supplies(volts.get(place)).isEmpty()) {
            model.addGreaterOrEqual(usable, watts);
          }
        });
    taken.forEach(
        (s, n) -> {
          IntVar bought = model.newIntVar(0, COUNT_MAX, "bought");
          n.add(-planning.suppliesOwned(s.id()));
          model.addGreaterOrEqual(bought, n);
          supplyCost.addTerm(bought, Math.round(s.cost() * SCALE));
        });
  }

  /** Pixels without a place. */
  LinearExpr missing() {
    LinearExprBuilder sum = LinearExpr.newBuilder();
    for (int r = 0; r < runs.size(); r++) {
      sum.addTerm(missing.get(r), runs.get(r).pixels());
    }
    return sum.build();
  }

  /** What a goal strives to lessen; the unit is a hundredth for money and metres, else one. */
  LinearExpr of(Goal goal) {
    return switch (goal) {
      case GROUPS -> split.build();
      case COST -> cost();
      case BOXES -> LinearExpr.sum(used);
      case CABLE -> cable(SCALE).build();
      case FUSES, FEEDS, COPPER -> LinearExpr.constant(0);
    };
  }

  private LinearExprBuilder cable(double each) {
    LinearExprBuilder sum = LinearExpr.newBuilder();
    for (int r = 0; r < runs.size(); r++) {
      for (int b = 0; b < boxes.size(); b++) {
        if (allowed.may(runs.get(r), boxes.get(b))) {
          Point at = boxes.get(b).controller().at();
          double metres = prices.metres(at, runs.get(r), type(r), 1);
          sum.addTerm(on[r][b], (long) Math.floor(metres * each));
        }
      }
    }
    return sum;
  }

  /**
   * The price of wiring each run by itself from each box; of very many pairs the price of a data
   * lead stands in.
   */
  private LinearExprBuilder wiring() {
    long places = boxes.stream().map(b -> b.controller().at()).distinct().count();
    if (places * runs.size() > WIRED_MAX) {
      return cable(SCALE * show.allotting().planning().prices().dataPerM());
    }
    List<Prices.Chain> alone = new ArrayList<>();
    for (int r = 0; r < runs.size(); r++) {
      for (BoxLoad box : boxes) {
        if (allowed.may(runs.get(r), box)) {
          alone.add(Prices.Chain.alone(box, runs.get(r), type(r)));
        }
      }
    }
    prices.readyChains(alone);
    LinearExprBuilder sum = LinearExpr.newBuilder();
    for (int r = 0; r < runs.size(); r++) {
      for (int b = 0; b < boxes.size(); b++) {
        if (allowed.may(runs.get(r), boxes.get(b))) {
          double price = prices.alone(runs.get(r), type(r), boxes.get(b));
          sum.addTerm(on[r][b], (long) Math.floor(price * SCALE));
        }
      }
    }
    return sum;
  }

  private LinearExpr cost() {
    LinearExprBuilder sum = wiring();
    double apart = show.allotting().planning().prices().groupApart();
    sum.addTerm(split.build(), Math.round(apart * SCALE));
    sum.add(supplyCost);
    Map<ControllerType, LinearExprBuilder> fresh = new java.util.LinkedHashMap<>();
    for (int b = 0; b < boxes.size(); b++) {
      if (!prices.isGiven(boxes.get(b).controller())) {
        fresh.computeIfAbsent(boxes.get(b).type(), k -> LinearExpr.newBuilder()).add(used[b]);
      }
    }
    fresh.forEach(
        (type, count) -> {
          IntVar bought = model.newIntVar(0, COUNT_MAX, "boxes");
          count.add(-show.allotting().planning().boxesOwned(type.id()));
          model.addGreaterOrEqual(bought, count);
          sum.addTerm(bought, Math.round(prices.bought(type) * SCALE));
        });
    return sum.build();
  }

  /** That not all of these runs go together on a box of that size or a smaller one. */
  void forbid(List<Run> together, BoxLoad where) {
    List<Integer> index = together.stream().map(runs::indexOf).toList();
    for (int b = 0; b < boxes.size(); b++) {
      BoxLoad box = boxes.get(b);
      boolean alike =
          box == where
              || (box.isEmpty()
                  && where.isEmpty()
                  && box.type().equals(where.type())
                  && box.order().size() <= where.order().size());
      if (alike) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        int column = b;
        index.forEach(r -> sum.add(on[r][column]));
        model.addLessOrEqual(sum, index.size() - 1);
      }
    }
  }

  int boxCount() {
    return boxes.size();
  }
}
