package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.copper.InputRule;
import bunting.core.island.BoxSolver;
import bunting.core.island.Island;
import bunting.core.island.Networks;
import bunting.core.island.SolvedBox;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.FuseSizes;
import bunting.core.show.Input;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import bunting.core.show.Trunk;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Inputs and fuses by what the networks carry at the most that can be sent. The search guessed with
 * a board's terminals at their worst; here each box is solved as it is wired, so that a fuse is
 * neither too small nor larger than it need be.
 */
final class Sizing {
  /** An input changes what comes over it by little: after so many rounds it is left as it is. */
  private static final int ROUNDS = 4;

  /** An input that was chosen for its drop is not too long by rounding, volts. */
  private static final double DROP_ROUNDING_VOLTS = 1e-9;

  private final Show show;
  private final List<PlacedController> controllers;
  private final Map<String, WiredBox> wired = new HashMap<>();
  private final WrittenDown written;
  private final SupplyPacker.Packed packed;
  private final Standing standing;
  private final List<Trunk> trunks = new ArrayList<>();

  Sizing(
      Show show,
      List<PlacedController> controllers,
      List<WiredBox> boxes,
      WrittenDown written,
      SupplyPacker.Packed packed,
      Standing standing) {
    this.standing = standing;
    this.show = show;
    this.controllers = controllers;
    this.written = written;
    this.packed = packed;
    boxes.forEach(b -> wired.put(PlacedBoard.id(b.box().controller().id(), b.box().bank()), b));
  }

  PowerPlan plan() {
    List<Feed> feeds = new ArrayList<>();
    Standing.Fresh fresh = standing.fresh("F");
    Set<String> named = new HashSet<>();
    for (WrittenDown.DraftFeed d : written.drafts()) {
      Post post = d.post();
      feeds.add(
          new Feed(
              written.before(d).map(Feed::id).filter(named::add).orElseGet(fresh::next),
              d.segment(),
              d.atPixel(),
              d.fuseGroup().isPresent(),
              packed.supplyOf().get(d.load()),
              d.fuseGroup(),
              d.fuse(),
              post.wire().id(),
              post.held().isPresent() ? post.held().get().lengthM() : OptionalDouble.empty(),
              d.trunk()));
    }
    for (WrittenDown.DraftTrunk t : written.trunks()) {
      trunks.add(
          new Trunk(
              t.id(),
              t.pair().wire().id(),
              t.pair().ring(),
              t.tails().stream().map(i -> feeds.get(i).id()).toList()));
    }
    Map<String, Double> feedAmps = new HashMap<>();
    Map<String, Double> inputAmps = new HashMap<>();
    List<Input> inputs = inputs(inputAmps);
    solve(feeds, inputs, feedAmps, inputAmps);
    for (int round = 0; round < ROUNDS; round++) {
      List<Input> wanted = inputs(inputAmps);
      boolean same = ohms(wanted).equals(ohms(inputs));
      inputs = wanted;
      if (same) {
        break;
      }
      solve(feeds, inputs, feedAmps, inputAmps);
    }
    return new PowerPlan(
        controllers,
        written.segments(),
        fused(feeds, feedAmps),
        trunks,
        written.breaks(),
        packed.supplies(),
        inputs.stream().map(i -> fused(i, inputAmps.get(i.board()))).toList(),
        List.of());
  }

  private void solve(
      List<Feed> feeds,
      List<Input> inputs,
      Map<String, Double> feedAmps,
      Map<String, Double> inputAmps) {
    Networks networks =
        new Networks(
            show, controllers, written.segments(), feeds, trunks, written.breaks(), inputs, false);
    double percent = show.wiring().ways().mostSent(show.settings().brightnessPercent());
    BoxSolver solver = new BoxSolver(show.catalogue().wiresById(), List.of());
    for (PlacedBoard c : boards()) {
      SolvedBox box = solver.solve(networks.of(c, percent));
      inputAmps.put(c.id(), box.inputAmps());
      box.ports().stream()
          .flatMap(p -> p.stream())
          .flatMap(p -> p.islands().stream())
          .forEach(i -> note(i, feedAmps));
    }
  }

  private List<PlacedBoard> boards() {
    return controllers.stream().flatMap(c -> c.everyBoard().stream()).toList();
  }

  private static void note(Island island, Map<String, Double> feedAmps) {
    for (int f = 0; f < island.feeds().size() && island.solution().isPresent(); f++) {
      feedAmps.put(island.feeds().get(f).id(), island.solution().get().feedAmps().at(f));
    }
  }

  /**
   * The inputs of all boards that hang on a supply.
   *
   * @param amps over each, where that is known; else as the search guessed
   */
  private List<Input> inputs(Map<String, Double> amps) {
    List<Input> inputs = new ArrayList<>();
    Conductors copper = show.wiring().conductors();
    for (PlacedBoard c : boards()) {
      String id = c.id();
      WiredBox box = wired.get(id);
      if (c.supply().isPresent() && box != null) {
        InputRule.Choice choice = amps.containsKey(id) ? choice(box, amps.get(id)) : box.input();
        choice = asItWas(box, id, amps.get(id)).orElse(choice);
        inputs.add(
            new Input(
                id,
                c.supply().get(),
                choice.pairs(),
                choice.wire().id(),
                copper.inputM(),
                choice.fuseAmps()));
      }
    }
    return inputs;
  }

  /**
   * The input that the board had, where it bears the amps and drops no more than was expected.
   *
   * @param amps over it; null: not known yet
   */
  private Optional<InputRule.Choice> asItWas(WiredBox box, String board, @Nullable Double amps) {
    PowerRules rules = box.rules();
    Optional<Input> was = standing.input(board);
    Optional<Wire> wire =
        was.flatMap(i -> rules.wires().stream().filter(w -> w.id().equals(i.wire())).findFirst());
    boolean byHand = show.wiring().conductors().inputWire().isPresent();
    if (wire.isEmpty() || amps == null || byHand) {
      return Optional.empty();
    }
    Input input = was.get();
    double least = InputRule.leastFuse(amps, rules.margin(), input.wires());
    double drop = amps * rules.copper().inputOhms(wire.get(), input.wires()).loop();
    boolean holds =
        !Fuses.over(Math.max(least, InputRule.LEAST_FUSE), input.fuseAmps())
            && input.fuseAmps() <= wire.get().fuseAmpsMax()
            && drop <= rules.supplyVolts() - rules.bus().across() + DROP_ROUNDING_VOLTS;
    return holds
        ? Optional.of(new InputRule.Choice(input.wires(), wire.get(), input.fuseAmps()))
        : Optional.empty();
  }

  /** No thinner than was reckoned with when the feeds were placed: the drop may not grow. */
  private InputRule.Choice choice(WiredBox box, double amps) {
    PowerRules rules = box.rules();
    InputRule.Choice free =
        InputRule.choose(amps, rules.margin(), rules.supplyVolts(), rules.copper(), rules.wires());
    double drop = amps * rules.copper().inputOhms(free.wire(), free.pairs()).loop();
    return drop <= rules.supplyVolts() - rules.bus().across()
        ? free
        : InputRule.fused(amps, rules.margin(), box.input().pairs(), box.input().wire());
  }

  /** The same wires with the fuse that their amps want. */
  private Input fused(Input input, double amps) {
    PowerRules rules = wired.get(input.board()).rules();
    Optional<InputRule.Choice> was =
        asItWas(wired.get(input.board()), input.board(), amps)
            .filter(c -> c.pairs() == input.wires() && c.wire().id().equals(input.wire()));
    if (was.isPresent()) {
      return input.withFuse(was.get().fuseAmps());
    }
    return input.withFuse(
        InputRule.fused(
                amps, rules.margin(), input.wires(), show.catalogue().wiresById().get(input.wire()))
            .fuseAmps());
  }

  private Map<String, Double> ohms(List<Input> inputs) {
    var wires = show.catalogue().wiresById();
    Map<String, Double> ohms = new HashMap<>();
    inputs.forEach(
        i ->
            ohms.put(
                i.board(),
                show.wiring().conductors().inputOhms(wires.get(i.wire()), i.wires()).loop()));
    return ohms;
  }

  /**
   * Each fuse as the amps through it want it, and never more than any wire behind it bears; brought
   * to few sizes where that is wanted.
   */
  private List<Feed> fused(List<Feed> feeds, Map<String, Double> amps) {
    Map<String, Double> through = new HashMap<>();
    Map<String, Double> most = new HashMap<>();
    Map<String, Double> freely = new LinkedHashMap<>();
    for (int f = 0; f < feeds.size(); f++) {
      Feed feed = feeds.get(f);
      if (amps.containsKey(feed.id())) {
        through.merge(feed.fuse(), amps.get(feed.id()), Double::sum);
      }
      if (feed.trunk().isEmpty()) {
        most.merge(feed.fuse(), written.drafts().get(f).fuseMost(), Math::min);
        freely.merge(feed.fuse(), written.drafts().get(f).fuseFreely(), Math::min);
      }
    }
    for (WrittenDown.DraftTrunk t : written.trunks()) {
      most.put(t.id(), t.pair().fuseMost());
      freely.put(t.id(), 0.0);
    }
    double margin = show.settings().fuseMargin();
    Map<String, Double> size = new HashMap<>();
    List<String> open = new ArrayList<>();
    for (String fuse : freely.keySet()) {
      Optional<Double> was =
          standing
              .fuse(fuse)
              .filter(f -> standing.keepsWiring() && f <= most.get(fuse))
              .filter(f -> through.containsKey(fuse) && !Fuses.over(margin * through.get(fuse), f));
      was.ifPresentOrElse(f -> size.put(fuse, f), () -> open.add(fuse));
    }
    List<FewFuses.Range> ranges = new ArrayList<>();
    open.forEach(
        fuse -> {
          double free = freely.get(fuse);
          double bears = most.get(fuse);
          double largest = Fuses.largest(bears).orElse(0);
          Double carries = through.get(fuse);
          double least =
              carries == null ? largest : Fuses.next(carries, margin, bears).orElse(largest);
          double one = show.wiring().ways().fuses().amps();
          double wanted = one > least && one <= bears ? one : least;
          ranges.add(new FewFuses.Range(wanted, Math.max(wanted, free)));
        });
    List<Double> sizes =
        show.wiring().ways().fuses() == FuseSizes.FEW
            ? FewFuses.of(ranges)
            : ranges.stream().map(FewFuses.Range::least).toList();
    for (int i = 0; i < open.size(); i++) {
      size.put(open.get(i), sizes.get(i));
    }
    return feeds.stream().map(f -> f.withFuse(size.get(f.fuse()))).toList();
  }
}
