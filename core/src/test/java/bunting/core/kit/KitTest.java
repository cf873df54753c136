package bunting.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Assessor;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Preparation;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import bunting.core.show.Survey;
import bunting.core.show.TypePlug;
import bunting.core.stock.CutList;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What a plan takes to build, counted a second time. */
class KitTest {
  private static Reading random(long seed) {
    Random random = new Random(seed);
    String[] types = {"5v-strip-60", "12v-strip-60", "12v-string-10"};
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 4 + random.nextInt(6); i++) {
      Point at = new Point(random.nextInt(20), random.nextInt(6));
      runs.add(
          Run.of("run " + i, types[i % types.length], 10 + random.nextInt(300))
              .withHanging(Hanging.straight(at, Optional.empty())));
    }
    return Assessor.sketch(Show.of(runs)).reading();
  }

  @Test
  void everyPieceIsHungAndJoinedAfterWhatItNeeds() {
    for (long seed = 1; seed <= 12; seed++) {
      Reading reading = random(seed);
      WorkList list = WorkList.of(reading);
      int number = 0;
      for (WorkList.Step s : list.steps()) {
        assertThat(s.number()).isEqualTo(++number);
        assertThat(s.after()).allMatch(n -> n < s.number() && n > 0);
      }
      for (SegmentReading s : reading.segments()) {
        assertThat(list.steps().stream().filter(x -> x.what().startsWith("Hang " + s.run().name())))
            .isNotEmpty();
      }
      long joins = list.steps().stream().filter(x -> x.what().startsWith("Lead of ")).count();
      assertThat(joins).isEqualTo(reading.segments().size());
    }
  }

  @Test
  void eachLadderIsClimbedOnce() {
    for (long seed = 1; seed <= 12; seed++) {
      Set<String> left = new HashSet<>();
      String here = "";
      for (WorkList.Step s : WorkList.of(random(seed)).steps()) {
        if (!s.what().startsWith("Hang ") && !s.what().startsWith("Lead of ")) {
          continue;
        }
        if (!s.place().equals(here)) {
          left.add(here);
          here = s.place();
        }
        assertThat(left).as("seed " + seed + ", step " + s.number()).doesNotContain(s.place());
        assertThat(s.people()).isEqualTo(s.place().endsWith("ladder") ? 2 : 1);
      }
    }
  }

  /** Counted from the plan by a second way: fuses, boards, supplies, metres of each size. */
  @Test
  void theShoppingListCoversWhatThePlanHas() {
    for (long seed = 1; seed <= 12; seed++) {
      Reading reading = random(seed);
      List<Need> needs =
          ShoppingList.of(reading, CutList.of(reading.show()), Cables.of(reading), Map.of());
      Map<String, Double> fuses = new HashMap<>();
      Set<String> seen = new HashSet<>();
      reading.decisions().feeds().stream()
          .filter(f -> seen.add(f.fuse()))
          .forEach(
              f ->
                  fuses.merge(
                      bunting.core.show.Texts.number(f.fuseAmps()) + " A", 1.0, Double::sum));
      reading
          .decisions()
          .inputs()
          .forEach(
              i ->
                  fuses.merge(
                      bunting.core.show.Texts.number(i.fuseAmps()) + " A",
                      (double) i.wires(),
                      Double::sum));
      assertThat(of(needs, "blade fuse")).isEqualTo(fuses);
      assertThat(sum(needs, "board")).isEqualTo(reading.decisions().controllers().size());
      assertThat(sum(needs, "supply")).isEqualTo(reading.decisions().supplies().size());
      double metres =
          reading.segments().stream().mapToDouble(SegmentReading::leadM).sum()
              + reading.feeds().stream()
                  .filter(f -> !f.feed().viaPort())
                  .mapToDouble(f -> f.lengthM())
                  .sum()
              + reading.decisions().inputs().stream()
                  .mapToDouble(i -> i.wires() * i.cableM())
                  .sum();
      double listed =
          needs.stream().filter(n -> n.group() == Need.Group.WIRE).mapToDouble(Need::planned).sum();
      assertThat(listed).isCloseTo(metres, within(1e-6));
      for (Need n : needs) {
        assertThat(n.withSpares())
            .as(n.kind())
            .isGreaterThanOrEqualTo(n.unit().equals("packs") ? 0 : n.planned());
        assertThat(n.buy() * n.packs()).isGreaterThanOrEqualTo(n.missing() - 1e-6);
      }
    }
  }

  @Test
  void whatLiesOnTheShelfComesOff() {
    Reading reading = random(3);
    CutList cuts = CutList.of(reading.show());
    List<Need> bare = ShoppingList.of(reading, cuts, Cables.of(reading), Map.of());
    Need fuse = bare.stream().filter(n -> n.kind().equals("blade fuse")).findFirst().orElseThrow();
    int all = fuse.buy();
    assertThat(all).isPositive();
    Need less =
        ShoppingList.of(reading, cuts, Cables.of(reading), Map.of(fuse.part(), 1)).stream()
            .filter(n -> n.part().equals(fuse.part()))
            .findFirst()
            .orElseThrow();
    assertThat(less.buy()).isEqualTo(all - 1);
    Need none =
        ShoppingList.of(reading, cuts, Cables.of(reading), Map.of(fuse.part(), 10_000)).stream()
            .filter(n -> n.part().equals(fuse.part()))
            .findFirst()
            .orElseThrow();
    assertThat(none.buy()).isZero();
  }

  private static Map<String, Double> of(List<Need> needs, String kind) {
    return needs.stream()
        .filter(n -> n.kind().equals(kind))
        .collect(Collectors.toMap(Need::size, Need::planned));
  }

  private static double sum(List<Need> needs, String kind) {
    return needs.stream().filter(n -> n.kind().equals(kind)).mapToDouble(Need::planned).sum();
  }

  @Test
  void aWayIsToldInWords() {
    List<Survey.Note> notes = List.of(new Survey.Note("ivy, do not drill", new Point(2, 3)));
    RouteWords words = new RouteWords(new Lengths(false), notes);
    assertThat(words.of(new Point(0, 0), List.of(), new Point(4, 3)))
        .isEqualTo("3.0 m up, 4.0 m right, past \"ivy, do not drill\"");
    assertThat(words.of(new Point(0, 0), List.of(new Point(0, -2)), new Point(-1, -2)))
        .isEqualTo("2.0 m down, 1.0 m left");
  }

  private static PixelType type(String id) {
    return Show.of(List.of()).catalogue().pixelTypesById().get(id);
  }

  @Test
  void plugsAreToldByPinsAndVolts() {
    Preparation none = Preparation.NONE;
    assertThat(Plug.lead(none, clocked(), true, true).words())
        .isEqualTo("4 pins, 12 V: V+, ground, data, clock");
    assertThat(Plug.lead(none, type("5v-strip-60"), false, true).kind()).isEqualTo("2 pins, 5 V");
    assertThat(Plug.feed(none, type("24v-strip-60-rgbw")).words())
        .isEqualTo("2 pins, 24 V: V+, ground");
  }

  private static PixelType clocked() {
    PixelType t = type("12v-strip-60");
    return new PixelType(
        "clocked",
        t.name(),
        t.volts(),
        t.channels(),
        t.order(),
        t.bitsPerChannel(),
        Signal.CLOCKED,
        t.pitchPerM(),
        t.cutEvery(),
        t.milliampsFull(),
        t.milliampsIdle(),
        t.load(),
        t.railOhmsPerM());
  }

  /** A backup data wire has no pixel before it at the first one: it lies at ground there. */
  @Test
  void backupDataOfTheFirstPixelLiesAtGround() {
    PixelType type = type("12v-strip-60");
    Preparation known =
        Preparation.NONE.withPlug(
            new TypePlug(type.id(), "white ring", true, true, TypePlug.Side.RIGHT));
    assertThat(Plug.lead(known, type, true, true).words())
        .isEqualTo("5 pins, 12 V, white ring: ground, V+, data, backup data to ground, data back");
    assertThat(Plug.lead(known, type, true, false).pins()).contains(Plug.Pin.BACKUP);
  }

  /** Where the pixels are fed on their own, the lead brings no V+ from the board. */
  @Test
  void aLeadBesideAnotherSupplyBringsNoPlus() {
    for (long seed = 1; seed <= 6; seed++) {
      Reading reading = random(seed);
      Set<String> byPort = new HashSet<>();
      reading.feeds().stream()
          .filter(f -> f.feed().viaPort())
          .forEach(f -> byPort.add(f.feed().segment()));
      int i = 0;
      for (Cables.Cable c : Cables.of(reading)) {
        if (c.kind() == Cables.Kind.LEAD) {
          boolean plus = c.plug().orElseThrow().pins().contains(Plug.Pin.PLUS);
          SegmentReading s = leads(reading).get(i++);
          assertThat(plus).as(s.segment().id()).isEqualTo(byPort.contains(s.segment().id()));
        }
      }
    }
  }

  private static List<SegmentReading> leads(Reading reading) {
    return reading.segments().stream().filter(s -> s.segment().position() == 1).toList();
  }

  @Test
  void whatHeatMakesAnEnclosureLargerThanItsContents() {
    Show show =
        Show.of(List.of(Run.of("long", "5v-strip-60", 900)))
            .withControllers(List.of(new Controller("C1", "box-16", 0, 0)));
    List<Enclosures> list = Enclosures.of(Assessor.sketch(show).reading());
    assertThat(list).isNotEmpty();
    assertThat(list).allMatch(e -> e.litres() >= 5);
    assertThat(list.getFirst().heats()).isTrue();
  }
}
