package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.Strain;
import bunting.core.assess.Strains;
import bunting.core.assess.TrunkReading;
import bunting.core.checks.Checks;
import bunting.core.checks.Severity;
import bunting.core.copper.TailRule;
import bunting.core.cost.JoinPlaces;
import bunting.core.plan.Planner;
import bunting.core.ports.Piece;
import bunting.core.show.Controller;
import bunting.core.show.Feed;
import bunting.core.show.Hanging;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import bunting.core.show.Wire;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Heavy pairs past several runs, planned where the school asks for them. */
class TrunkWiringTest {
  private static final String TYPE = "12v-strip-60";
  private static final Point BOX = new Point(0, 0);

  private static Run run(String name, int pixels, double x, double y) {
    return Run.of(name, TYPE, pixels)
        .withHanging(Hanging.straight(new Point(x, y), Optional.empty()));
  }

  private static Show show(int every, Run... runs) {
    Show show = Show.of(List.of(runs)).withControllers(List.of(new Controller("A", "box-8", 0, 0)));
    return show.withWiring(
        show.wiring().with(show.wiring().ways().with(InjectionSchool.TRUNK, every)));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Run[] rows(int count, int pixels) {
    return IntStream.range(0, count)
        .mapToObj(i -> run("r" + i, pixels, 2, 0.5 * i))
        .toArray(Run[]::new);
  }

  private static TrunkWiring.Laid laid(Show show) {
    PowerRules rules = PowerRules.of(show, 12);
    PixelType type = show.catalogue().pixelTypesById().get(TYPE);
    List<Piece> pieces = show.runs().stream().map(r -> new Piece(r, type, 1, r.pixels())).toList();
    return TrunkWiring.asked(rules, BOX, pieces).orElseThrow();
  }

  @Test
  void oneHeavyPairPassesAllRunsOfABox() {
    Reading reading = plan(show(150, rows(4, 100)));
    assertThat(reading.trunks()).hasSize(1);
    TrunkReading trunk = reading.trunks().getFirst();
    assertThat(trunk.trunk().tails()).hasSize(4);
    assertThat(reading.feeds())
        .allSatisfy(
            f -> {
              assertThat(f.feed().trunk()).hasValue(trunk.trunk().id());
              assertThat(f.feed().fuse()).isEqualTo(trunk.trunk().id());
              assertThat(f.feed().viaPort()).isFalse();
              assertThat(f.lengthM()).isEqualTo(Feed.TAIL_M);
              assertThat(f.feed().supply()).isEqualTo(trunk.supply());
            });
    // Serpentine: out along the first row, and each next one is met at its nearer end.
    List<String> order =
        trunk.trunk().tails().stream()
            .map(id -> reading.feeds().stream().filter(f -> f.feed().id().equals(id)).findFirst())
            .map(f -> f.orElseThrow().feed().segment())
            .toList();
    assertThat(order).containsExactly("r0#1", "r1#1", "r2#1", "r3#1");
    assertThat(reading.segments()).noneMatch(s -> s.segment().powerFromPrevious());
    assertThat(Checks.examine(reading)).noneMatch(f -> f.severity() == Severity.STOP);
    assertThat(Checks.examine(reading)).anyMatch(f -> f.code().equals("tail-rule"));
  }

  /** A strip is joined onto at its cut marks alone, however far apart tails are wanted. */
  @Test
  void tailsLieAtCutMarks() {
    PixelType strip =
        new PixelType(
            "s",
            "s",
            12,
            3,
            "RGB",
            8,
            Signal.ONE_WIRE_800K,
            60,
            7,
            20,
            1,
            LoadKind.RESISTIVE,
            0.02);
    Show plain = show(40, Run.of("Weir", "s", 175), Run.of("Owl", "s", 140));
    Reading reading = plan(plain.withCatalogue(plain.catalogue().withPixelType(strip)));
    assertThat(reading.feeds()).hasSizeGreaterThan(7);
    assertThat(reading.feeds())
        .allMatch(f -> f.feed().trunk().isPresent())
        .allMatch(f -> JoinPlaces.atCutMark(strip, f.feed().atPixel()));
  }

  /** Of one run an open pair is a feed with a tail behind it (arithmetic). */
  @Test
  void pastOneRunItIsAFeedWithATail() {
    Show show = show(150, run("Weir", 60, 12, 0));
    Reading trunk = plan(show);
    Wire heavy = Wire.parse(trunk.trunks().getFirst().trunk().wire()).orElseThrow();
    Wire tail = Wire.parse(trunk.feeds().getFirst().feed().wire()).orElseThrow();
    // 12 m along the axes and 1 m of slack at the box.
    double metres = 13 + Feed.TAIL_M * tail.ohmsPerM() / heavy.ohmsPerM();
    HeldPost post =
        new HeldPost("Weir", 1, false, Optional.of(heavy.id()), OptionalDouble.of(metres));
    Show held = show.withWiring(show.wiring().withPosts("Weir", List.of(post)));
    Reading fed = plan(held);
    assertThat(fed.trunks()).isEmpty();
    assertThat(trunk.trunks().getFirst().metres()).isCloseTo(13, within(1e-9));
    assertThat(trunk.totals().minVoltsPercent())
        .isCloseTo(fed.totals().minVoltsPercent(), within(1e-7));
  }

  /** What was reckoned while it was searched is what the plan's own network has. */
  @Test
  void thePlanHasTheVoltsOfTheSearch() {
    Show show = show(60, rows(5, 130));
    TrunkWiring.Laid laid = laid(show);
    Reading reading = plan(show);
    assertThat(reading.totals().minVoltsPercent())
        .isCloseTo(100 * laid.leastVolts() / 12, within(1e-7));
    double metres = reading.trunks().stream().mapToDouble(TrunkReading::metres).sum();
    assertThat(metres).isCloseTo(laid.metres(), within(1e-9));
    var build = reading.totals().build();
    assertThat(build.ways() + build.feeds() + build.work()).isCloseTo(laid.price(), within(1e-9));
  }

  /** 24 runs of 1.8 A are 43.2 A; the largest fuse, 30 A, bears 24 for hours: two pairs. */
  @Test
  void runsAreSharedOutToPairsAsFarAsAFuseGoes() {
    Show show =
        show(200, rows(8, 450)).withControllers(List.of(new Controller("A", "box-8", 0, 0)));
    double amps = 8 * 450 * 0.012;
    Reading reading = plan(show);
    assertThat(reading.trunks().size()).isGreaterThanOrEqualTo((int) Math.ceil(amps * 1.25 / 30));
    double sum = reading.trunks().stream().mapToDouble(TrunkReading::amps).sum();
    assertThat(sum).isCloseTo(amps, within(1e-6));
    for (TrunkReading t : reading.trunks()) {
      Wire wire = Wire.parse(t.trunk().wire()).orElseThrow();
      assertThat(t.fuseAmps()).isBetween(t.amps() * 1.25, wire.fuseAmpsMax());
    }
  }

  /** A zone a supply each: 43.2 A at 12 V are 518 W where no supply gives more than 480. */
  @Test
  void eachTrunkHangsOnOneSupply() {
    Reading reading = plan(show(200, rows(8, 450)));
    Map<String, List<FeedReading>> byTrunk =
        reading.feeds().stream().collect(Collectors.groupingBy(f -> f.feed().fuse()));
    assertThat(byTrunk).hasSize(reading.trunks().size());
    byTrunk
        .values()
        .forEach(f -> assertThat(f.stream().map(x -> x.feed().supply()).distinct()).hasSize(1));
    assertThat(reading.supplies())
        .allSatisfy(s -> assertThat(s.loadAmps()).isLessThanOrEqualTo(s.usableAmps(80)));
  }

  /** A run that is too much for one pair is cut into zones, one tail at least in each. */
  @Test
  void aRunThatIsTooMuchForOnePairIsCutInZones() {
    Run weir = Run.of("Weir", "5v-strip-60", 600);
    Show show = Show.of(List.of(weir)).withControllers(List.of(new Controller("A", "box-8", 0, 0)));
    show =
        show.withWiring(show.wiring().with(show.wiring().ways().with(InjectionSchool.TRUNK, 100)));
    Reading reading = plan(show);
    assertThat(reading.decisions().unplaced()).isEmpty();
    assertThat(reading.decisions().breaks()).isNotEmpty();
    assertThat(reading.trunks().size()).isEqualTo(reading.decisions().breaks().size() + 1);
    assertThat(reading.islands()).allSatisfy(i -> assertThat(i.onTrunk()).isTrue());
  }

  @Test
  void tailsBearTheirRunAndTheRule() {
    for (boolean protect : new boolean[] {false, true}) {
      Show show = show(100, rows(6, 220));
      show = show.withWiring(show.wiring().with(show.wiring().ways().withProtectBackFeed(protect)));
      Reading reading = plan(show);
      for (FeedReading f : reading.feeds()) {
        Wire tail = Wire.parse(f.feed().wire()).orElseThrow();
        assertThat(tail.fuseAmpsMax()).isGreaterThanOrEqualTo(220 * 0.012);
        assertThat(f.feed().fuseAmps())
            .isLessThanOrEqualTo(protect ? tail.fuseAmpsMax() : TailRule.fuseMost(tail));
      }
      assertThat(Checks.examine(reading).stream().anyMatch(c -> c.code().equals("tail-rule")))
          .isEqualTo(!protect);
    }
  }

  @Test
  void itsFuseTakesAllItsRunsAndATailOnlyItsOwn() {
    Reading reading = plan(show(50, rows(3, 100)));
    WhatIf whatIf = new WhatIf(reading);
    String trunk = reading.trunks().getFirst().trunk().id();
    Outcome fuse = whatIf.lose(new Loss(Loss.Kind.FUSE, trunk));
    assertThat(fuse.darkPixels()).isEqualTo(300);
    String tail = reading.trunks().getFirst().trunk().tails().getLast();
    Outcome one = whatIf.lose(new Loss(Loss.Kind.FEED, tail));
    assertThat(one.darkPixels()).isZero();
    assertThat(one.burns()).isEmpty();
    assertThat(one.lowest().orElseThrow().volts())
        .isLessThan(12 * reading.totals().minVoltsPercent() / 100);
  }

  /**
   * Some of the island's tails gone, the rest bear all of it, behind the same fuse (arithmetic).
   */
  @Test
  void allOfATrunkIsAmongTheStrains() {
    Reading reading = plan(show(50, rows(3, 100)));
    List<Strain> strains = Strains.of(reading, reading.worst());
    List<Strain> trunk = strains.stream().filter(s -> s.kind() == Strain.Kind.TRUNK).toList();
    assertThat(trunk).hasSize(1);
    assertThat(trunk.getFirst().carries()).isCloseTo(300 * 0.012, within(1e-6));
    double tails =
        strains.stream()
            .filter(s -> s.kind() == Strain.Kind.TAIL)
            .mapToDouble(Strain::carries)
            .sum();
    assertThat(tails).isCloseTo(300 * 0.012, within(1e-6));
  }

  /** One lamp of 40 A is more than any pair bears; the other run has its trunk all the same. */
  @Test
  void whatNoTrunkBearsIsSaidOfThatRunAlone() {
    Show show = show(150, rows(1, 100));
    PixelType strip = show.catalogue().pixelTypesById().get(TYPE);
    PixelType lamp =
        new PixelType(
            "lamp",
            "lamp",
            strip.volts(),
            strip.channels(),
            strip.order(),
            strip.bitsPerChannel(),
            strip.signal(),
            strip.pitchPerM(),
            1,
            40_000,
            0,
            strip.load(),
            strip.railOhmsPerM(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalInt.empty());
    show =
        show.withCatalogue(show.catalogue().withPixelType(lamp))
            .withRuns(List.of(show.runs().getFirst(), Run.of("lamp", "lamp", 1)));
    Reading reading = plan(show);
    assertThat(reading.decisions().unplaced()).hasSize(1);
    assertThat(reading.decisions().unplaced().getFirst().run()).isEqualTo("lamp");
    assertThat(reading.trunks()).hasSize(1);
  }

  @Test
  void postsByHandStayApart() {
    Show show = show(150, rows(3, 100));
    HeldPost post = new HeldPost("r1", 1, true, Optional.empty(), OptionalDouble.empty());
    Reading reading = plan(show.withWiring(show.wiring().withPosts("r1", List.of(post))));
    List<FeedReading> own = new ArrayList<>(reading.feedsOf("r1#1"));
    assertThat(own).hasSize(1);
    assertThat(own.getFirst().feed().viaPort()).isTrue();
    assertThat(reading.trunks().getFirst().trunk().tails()).hasSize(2);
    assertThat(reading.totals().minVoltsPercent()).isGreaterThan(90);
  }
}
