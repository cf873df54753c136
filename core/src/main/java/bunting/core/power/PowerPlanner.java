package bunting.core.power;

import bunting.core.ports.Allotment;
import bunting.core.ports.BoxLoad;
import bunting.core.ports.Piece;
import bunting.core.show.Break;
import bunting.core.show.Feed;
import bunting.core.show.PlacedController;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Feeds, leads, fuses, breaks and supplies for runs that are on ports: the islands of every port,
 * then wires brought to few sizes, then everything written down and the supplies packed.
 */
public final class PowerPlanner {
  private final Show show;
  private final Allotment allotment;
  private final List<PowerPlan.Failure> failures = new ArrayList<>();
  private final List<Segment> segments = new ArrayList<>();
  private final List<Break> breaks = new ArrayList<>();
  private final List<DraftFeed> drafts = new ArrayList<>();
  private final List<SupplyPacker.Load> loads = new ArrayList<>();
  private final Map<String, Double> fuseLoad = new HashMap<>();

  private final Map<String, Integer> parts = new HashMap<>();

  /** A feed whose supply is not known yet. */
  private record DraftFeed(
      String segment,
      int atPixel,
      Optional<String> fuseGroup,
      double fuse,
      Post post,
      String load) {}

  private PowerPlanner(Show show, Allotment allotment) {
    this.show = show;
    this.allotment = allotment;
  }

  /** Plans the power of all boxes. */
  public static PowerPlan plan(Show show, Allotment allotment) {
    return new PowerPlanner(show, allotment).run();
  }

  private PowerPlan run() {
    List<WiredBox> wired = new ArrayList<>();
    for (BoxLoad box : allotment.boxes()) {
      if (!box.isEmpty()) {
        wire(box).ifPresent(wired::add);
      }
    }
    if (show.wiring().ways().fewSizes()) {
      FewSizes.bring(wired);
    }
    wired.forEach(this::emit);
    if (!failures.isEmpty()) {
      return new PowerPlan(List.of(), List.of(), List.of(), List.of(), List.of(), failures);
    }
    SupplyPacker.Packed packed = SupplyPacker.pack(show, loads);
    List<Feed> feeds = new ArrayList<>();
    for (DraftFeed d : drafts) {
      double fuse =
          d.fuseGroup().isEmpty()
              ? d.fuse()
              : Fuses.next(
                      fuseLoad.getOrDefault(d.fuseGroup().get(), 0.0),
                      show.settings().fuseMargin(),
                      30)
                  .orElse(d.fuse());
      Post post = d.post();
      feeds.add(
          new Feed(
              "F" + (feeds.size() + 1),
              d.segment(),
              d.atPixel(),
              d.fuseGroup().isPresent(),
              packed.supplyOf().get(d.load()),
              d.fuseGroup(),
              fuse,
              post.wire().id(),
              post.held().isPresent() ? post.held().get().lengthM() : OptionalDouble.empty(),
              post.taps().stream().map(t -> t - post.at() + d.atPixel()).toList()));
    }
    List<PlacedController> controllers =
        allotment.boxes().stream()
            .map(
                b ->
                    new PlacedController(
                        b.controller(),
                        b.volts(),
                        Optional.ofNullable(packed.supplyOf().get(bankKey(b)))))
            .toList();
    return new PowerPlan(controllers, segments, feeds, breaks, packed.supplies(), List.of());
  }

  private static String bankKey(BoxLoad box) {
    return "bank " + box.controller().id();
  }

  /** The islands of a box's ports; empty where nothing there can be powered at all. */
  private Optional<WiredBox> wire(BoxLoad box) {
    PowerRules plain = PowerRules.of(show, box.volts());
    if (plain.supplyAmps() <= 0 || plain.wires().isEmpty()) {
      box.ports()
          .forEach(
              p ->
                  p.pieces().forEach(piece -> failures.add(nothingToPowerWith(box, piece, plain))));
      return Optional.empty();
    }
    double most = Math.min(box.type().boardAmpsMax(), nominalAmps(box, plain));
    double input = plain.copper().inputOhms(show.catalogue().wiresById());
    PowerRules rules = plain.behindInput(most, input);
    BankBudget budget = new BankBudget(box, rules);
    List<List<PortWiring.Island>> ports = new ArrayList<>();
    for (int port = 1; port <= box.ports().size(); port++) {
      List<Piece> pieces = box.ports().get(port - 1).pieces();
      List<PortWiring.Island> islands = List.of();
      if (!pieces.isEmpty()) {
        try {
          islands =
              new PortWiring(box.controller().at(), port, pieces, rules, budget, show.wiring())
                  .wire();
        } catch (PortWiring.NoPower e) {
          failures.add(failure(box, e));
        }
      }
      ports.add(new ArrayList<>(islands));
    }
    return Optional.of(new WiredBox(box, rules, ports));
  }

  private static double nominalAmps(BoxLoad box, PowerRules rules) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .mapToDouble(p -> p.pixels() * p.type().amps(rules.fusedBrightness()))
        .sum();
  }

  /** Writes a box's islands down. */
  private void emit(WiredBox wired) {
    BoxLoad box = wired.box();
    double bankAmps = 0;
    for (int port = 1; port <= wired.ports().size(); port++) {
      bankAmps += emit(box, port, wired.ports().get(port - 1), wired.rules());
    }
    if (box.type().portAmpsMax() > 0) {
      loads.add(
          new SupplyPacker.Load(
              bankKey(box),
              box.controller().at(),
              box.volts(),
              bankAmps * wired.rules().supplyVolts(),
              false));
    }
  }

  /** Writes a port's islands down; returns the amps that hang on the bank. */
  private double emit(BoxLoad box, int port, List<PortWiring.Island> islands, PowerRules rules) {
    double bankAmps = 0;
    int position = 0;
    for (PortWiring.Island island : islands) {
      FeedTrial trial = island.trial();
      String load = island.onBank() ? bankKey(box) : "island " + loads.size() + " " + drafts.size();
      if (island.onBank()) {
        bankAmps += trial.totalAmps();
      } else {
        loads.add(
            new SupplyPacker.Load(
                load,
                box.controller().at(),
                box.volts(),
                trial.totalAmps() * rules.supplyVolts(),
                island.apart()));
      }
      List<String> ids = new ArrayList<>();
      for (int k = 0; k < trial.stretch.pieces().size(); k++) {
        Piece piece = trial.stretch.pieces().get(k);
        Optional<Segment> before =
            position == 0 ? Optional.empty() : Optional.of(segments.getLast());
        if (before.isPresent() && continues(before.get(), piece)) {
          Segment s = before.get();
          breaks.add(new Break(s.id(), s.lastPixel()));
          segments.set(segments.size() - 1, longer(s, piece.last()));
        } else {
          position++;
          boolean powered = k > 0 || (position == 1 && island.onBank());
          Optional<String> wire =
              powered
                  ? Optional.of(k > 0 ? trial.joints.id() : trial.posts.getFirst().wire().id())
                  : Optional.empty();
          segments.add(
              new Segment(
                  id(piece),
                  piece.run().name(),
                  piece.first(),
                  piece.last(),
                  box.controller().id(),
                  port,
                  position,
                  wire,
                  powered));
        }
        ids.add(segments.getLast().id());
      }
      emitFeeds(box, port, trial, load, ids);
    }
    return bankAmps;
  }

  private static Segment longer(Segment s, int lastPixel) {
    return new Segment(
        s.id(),
        s.run(),
        s.firstPixel(),
        lastPixel,
        s.controller(),
        s.port(),
        s.position(),
        s.leadWire(),
        s.powerFromPrevious());
  }

  private static boolean continues(Segment before, Piece piece) {
    return before.run().equals(piece.run().name()) && before.lastPixel() + 1 == piece.first();
  }

  private void emitFeeds(
      BoxLoad box, int port, FeedTrial trial, String load, List<String> segmentOf) {
    for (int f = 0; f < trial.count(); f++) {
      boolean viaPort = f == 0 && trial.port.isPresent();
      Optional<String> group =
          viaPort
              ? Optional.of(FuseNames.of(box.controller().id(), box.type(), port))
              : Optional.empty();
      group.ifPresent(g -> fuseLoad.merge(g, trial.portAmps(), Double::sum));
      Post post = trial.posts.get(f);
      Stretch.Place at = trial.stretch.place(post.at());
      drafts.add(
          new DraftFeed(segmentOf.get(at.piece()), at.pixel(), group, trial.fuses[f], post, load));
    }
  }

  private String id(Piece piece) {
    return piece.run().name() + "#" + parts.merge(piece.run().name(), 1, Integer::sum);
  }

  private PowerPlan.Failure nothingToPowerWith(BoxLoad box, Piece piece, PowerRules rules) {
    double amps = piece.pixels() * piece.type().amps(show.settings().brightnessPercent());
    String what =
        rules.wires().isEmpty()
            ? "no wire is given"
            : "no supply gives " + Texts.number(box.volts()) + " V";
    return new PowerPlan.Failure(
        piece.run().name(),
        box.controller().id(),
        what + " for its " + Texts.fixed(amps, 2) + " A: " + Texts.fixed(amps, 2) + " A too few",
        amps,
        0,
        "A");
  }

  private static PowerPlan.Failure failure(BoxLoad box, PortWiring.NoPower e) {
    return new PowerPlan.Failure(
        e.piece.run().name(),
        box.controller().id(),
        e.shortfall.lacks(),
        e.shortfall.measured(),
        e.shortfall.allowed(),
        e.shortfall.unit());
  }
}
