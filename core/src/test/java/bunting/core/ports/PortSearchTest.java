package bunting.core.ports;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.addressing.UniverseCount;
import bunting.core.show.Addressing;
import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Goal;
import bunting.core.show.Held;
import bunting.core.show.Planning;
import bunting.core.show.Point;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Site;
import bunting.core.show.StandardCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class PortSearchTest {
  private static ControllerType kind(String id, int ports, int pixels, int universes, double cost) {
    return new ControllerType(
        id, id, ports, pixels, universes, List.of(5.0, 12.0, 24.0), 10, 30, List.of(), 10, cost);
  }

  private static Show choosing(List<ControllerType> kinds, List<Site> sites, List<Run> runs) {
    Catalogue c = StandardCatalogue.get();
    return new Show(
        ShowSettings.DEFAULT,
        sites,
        Addressing.DEFAULT,
        new Catalogue(c.pixelTypes(), kinds, c.supplyTypes(), c.wires()),
        Optional.empty(),
        Optional.empty(),
        runs);
  }

  private static Run run(String name, int pixels, double x, boolean split) {
    return new Run(
        name,
        "12v-strip-60",
        pixels,
        OptionalDouble.empty(),
        new Point(x, 0),
        Optional.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.empty(),
        split,
        Map.of());
  }

  private static PortPlanner.Allotted search(Show show) {
    return PortPlanner.allot(
        show, Set.of(), Set.of(), new UniverseCount(show), Optional.of(SearchWatch.NOBODY));
  }

  private static long used(Allotment allotment) {
    return allotment.boxes().stream().filter(b -> !b.isEmpty()).count();
  }

  /** Every run whole, in order, on ports that take it. */
  private static void sound(Show show, Allotment allotment) {
    Map<String, Integer> covered = new HashMap<>();
    for (BoxLoad box : allotment.boxes()) {
      for (PortLoad port : box.ports()) {
        double micros =
            port.pieces().stream().mapToDouble(p -> p.pixels() * p.type().wireMicros()).sum();
        int pixels = port.pieces().stream().mapToInt(Piece::pixels).sum();
        assertThat(micros).isLessThanOrEqualTo(1e6 / show.settings().targetFps() - 300 + 1e-6);
        assertThat(pixels).isLessThanOrEqualTo(box.type().pixelsPerPortMax());
        port.pieces().forEach(p -> covered.merge(p.run().name(), p.pixels(), Integer::sum));
      }
    }
    Set<String> missing = new java.util.HashSet<>();
    allotment.unplaced().forEach(u -> missing.add(u.run()));
    for (Run run : show.runs()) {
      if (missing.contains(run.name())) {
        assertThat(covered).doesNotContainKey(run.name());
      } else {
        assertThat(covered).containsEntry(run.name(), run.pixels());
      }
    }
  }

  /**
   * A box of one port makes boxes into bins. The optimum is 16 by construction: every bin is filled
   * by exactly three runs, which first fit does not find.
   */
  @Test
  void boxesOfOnePortAreBinsAndTripletsFillThem() {
    Random random = new Random(11);
    List<Run> runs = new ArrayList<>();
    for (int bin = 0; bin < 16; bin++) {
      int a = 380 + random.nextInt(61);
      int b = 210 + random.nextInt(41);
      for (int pixels : new int[] {a, b, 1000 - a - b}) {
        runs.add(run("r" + runs.size(), pixels, 0, false));
      }
    }
    java.util.Collections.shuffle(runs, random);
    Show show = choosing(List.of(kind("one", 1, 1000, 100, 10)), List.of(), runs);
    Show slow = show.withSettings(new ShowSettings("bins", 230, 30, 100, 80, 1.25, 90, ""));
    PortPlanner.Allotted found = search(slow);
    sound(slow, found.allotment());
    assertThat(used(PortPlanner.firstFit(slow, new UniverseCount(slow)))).isGreaterThan(16);
    assertThat(used(found.allotment())).isEqualTo(16);
    assertThat(found.report().of(Goal.BOXES).orElseThrow().proven()).isTrue();
  }

  /** The bound L2 of Martello and Toth on small instances, worked by hand. */
  @Test
  void theBoundOnPortsIsTheWorkedOne() {
    assertThat(LowerBound.l2(List.of(0.6, 0.6, 0.6))).isEqualTo(3);
    assertThat(LowerBound.l2(List.of(0.7, 0.4, 0.4, 0.4))).isEqualTo(3);
    assertThat(LowerBound.l2(List.of(0.5, 0.5, 0.5))).isEqualTo(2);
    assertThat(LowerBound.l2(List.of())).isZero();
  }

  /** On small shows no assignment of runs to boxes is cheaper: all of them are tried. */
  @Test
  void smallShowsCostWhatExhaustiveSearchFinds() {
    for (int seed = 0; seed < 40; seed++) {
      Random random = new Random(seed);
      List<Run> runs = new ArrayList<>();
      int n = 3 + random.nextInt(4);
      for (int i = 0; i < n; i++) {
        runs.add(run("r" + i, 60 + random.nextInt(700), random.nextInt(60), false));
      }
      ControllerType kind = kind("two", 2, 800, 40, 30);
      List<Site> sites = List.of(new Site("a", 0, 0), new Site("b", 60, 0));
      Show show = choosing(List.of(kind), sites, runs);
      Show cable =
          show.withAllotting(show.allotting().with(Planning.DEFAULT.preferring(Goal.COST)));
      PortPlanner.Allotted found = search(cable);
      sound(cable, found.allotment());
      double value = found.report().of(Goal.COST).orElseThrow().value();
      assertThat(value)
          .as("seed " + seed)
          .isLessThanOrEqualTo(exhaustive(cable, kind, sites) + 0.05);
    }
  }

  /** The least cost over all deals of runs to up to three boxes at each of two sites. */
  private static double exhaustive(Show show, ControllerType kind, List<Site> sites) {
    List<BoxLoad> boxes = new ArrayList<>();
    for (Site site : sites) {
      IntStream.range(0, 3)
          .forEach(
              i ->
                  boxes.add(
                      new BoxLoad(
                          new Controller("+" + site.id() + i, kind.id(), site.x(), 0), kind)));
    }
    PortFill fill = new PortFill(show.catalogue().pixelTypesById(), show.settings().targetFps());
    Prices prices = new Prices(show);
    double best = Double.MAX_VALUE;
    int n = show.runs().size();
    int deals = (int) Math.pow(boxes.size(), n);
    for (int deal = 0; deal < deals; deal++) {
      List<List<Run>> own = new ArrayList<>();
      boxes.forEach(b -> own.add(new ArrayList<>()));
      int code = deal;
      for (Run run : show.runs()) {
        own.get(code % boxes.size()).add(run);
        code /= boxes.size();
      }
      boolean gapless = true; // of three equal boxes the first is used first
      for (int b = 0; b < boxes.size(); b++) {
        gapless &= b % 3 == 0 || own.get(b).isEmpty() || !own.get(b - 1).isEmpty();
      }
      if (!gapless) {
        continue;
      }
      List<BoxLoad> filled = new ArrayList<>();
      for (int b = 0; b < boxes.size(); b++) {
        fill.fill(boxes.get(b), own.get(b)).ifPresent(filled::add);
      }
      if (filled.size() == boxes.size()) {
        best = Math.min(best, prices.cost(filled));
      }
    }
    return best;
  }

  @Test
  void groupsStayTogetherAndLessCableIsFound() {
    List<Site> sites = List.of(new Site("a", 0, 0), new Site("b", 40, 0));
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      runs.add(
          run("r" + i, 300, i % 2 == 0 ? 2 : 38, true)
              .withGroup(i < 2 ? Optional.of("g") : Optional.empty()));
    }
    Show show = choosing(List.of(kind("four", 4, 800, 40, 20)), sites, runs);
    PortPlanner.Allotted found = search(show);
    sound(show, found.allotment());
    assertThat(found.report().of(Goal.GROUPS).orElseThrow().value()).isZero();
    Allotment plain = PortPlanner.firstFit(show, new UniverseCount(show));
    Prices prices = new Prices(show);
    assertThat(prices.cost(found.allotment().boxes()))
        .isLessThanOrEqualTo(prices.cost(plain.boxes()));
  }

  @Test
  void whatIsOwnedIsUsedBeforeAnythingIsBought() {
    List<ControllerType> kinds =
        List.of(kind("cheap", 4, 800, 40, 10), kind("dear", 4, 800, 40, 90));
    List<Run> runs = List.of(run("a", 700, 0, false), run("b", 700, 0, false));
    Show show = choosing(kinds, List.of(), runs);
    assertThat(search(show).allotment().boxes())
        .extracting(b -> b.type().id())
        .containsExactly("cheap");
    Planning owner = Planning.DEFAULT.owning(Planning.Shelf.CONTROLLERS, "dear", 1);
    Show owned = show.withAllotting(show.allotting().with(owner));
    assertThat(search(owned).allotment().boxes())
        .extracting(b -> b.type().id())
        .containsExactly("dear");
  }

  @Test
  void sparePortsStayFree() {
    List<Run> runs = IntStream.range(0, 6).mapToObj(i -> run("r" + i, 700, 0, false)).toList();
    Show show = choosing(List.of(kind("four", 4, 800, 40, 20)), List.of(), runs);
    Show sparing = show.withAllotting(show.allotting().with(Planning.DEFAULT.withSparePorts(1)));
    Allotment allotment = search(sparing).allotment();
    assertThat(allotment.boxes())
        .allMatch(b -> b.ports().stream().anyMatch(p -> p.pieces().isEmpty()));
    assertThat(used(allotment)).isEqualTo(2);
  }

  @Test
  void whatIsHeldByHandStaysAndItsPiecesFollowTheCount() {
    List<Run> runs = List.of(run("a", 310, 0, true), run("b", 100, 0, true));
    Show show =
        choosing(List.of(kind("four", 4, 800, 40, 20)), List.of(), runs)
            .withControllers(List.of(new Controller("B1", "four", 0, 0)));
    List<Held> held =
        List.of(
            new Held("a", 1, 120, "B1", 3, 2),
            new Held("a", 121, 300, "B1", 2, 1),
            new Held("b", 1, 100, "B1", 3, 1));
    Show byHand = show.withAllotting(show.allotting().withByHand(held));
    Allotment allotment = search(byHand).allotment();
    BoxLoad box = allotment.boxes().getFirst();
    assertThat(box.ports().get(2).pieces())
        .extracting(p -> p.run().name() + p.first() + "-" + p.last())
        .containsExactly("b1-100", "a1-120");
    assertThat(box.ports().get(1).pieces())
        .extracting(p -> p.first() + "-" + p.last())
        .containsExactly("121-310");
    Show gone = byHand.withControllers(List.of(new Controller("B2", "four", 0, 0)));
    assertThat(search(gone).allotment().unplaced())
        .extracting(u -> u.run())
        .containsExactlyInAnyOrder("a", "b");
  }

  @Test
  void sharedFusesAreLoadedEvenly() {
    ControllerType shared =
        new ControllerType(
            "s",
            "s",
            4,
            800,
            40,
            List.of(12.0),
            10,
            30,
            List.of(List.of(1, 2), List.of(3, 4)),
            10,
            20);
    List<Run> runs =
        List.of(
            run("a", 700, 0, false),
            run("b", 500, 0, false),
            run("c", 690, 0, false),
            run("d", 490, 0, false));
    Show show = choosing(List.of(shared), List.of(), runs);
    BoxLoad box = search(show).allotment().boxes().getFirst();
    double left = box.ports().get(0).pixels() + box.ports().get(1).pixels();
    double right = box.ports().get(2).pixels() + box.ports().get(3).pixels();
    assertThat(Math.abs(left - right)).isLessThanOrEqualTo(30);
  }

  @Test
  void theBestSoFarIsThereWhenTheSearchIsStopped() {
    List<Run> runs =
        IntStream.range(0, 30).mapToObj(i -> run("r" + i, 200 + 17 * i, i, i % 2 == 0)).toList();
    Show show = choosing(StandardCatalogue.get().controllerTypes(), List.of(), runs);
    SearchWatch impatient =
        new SearchWatch() {
          @Override
          public boolean stopped() {
            return true;
          }

          @Override
          public void step(int part, int parts, String doing) {}
        };
    PortPlanner.Allotted found =
        PortPlanner.allot(
            show, Set.of(), Set.of(), new UniverseCount(show), Optional.of(impatient));
    sound(show, found.allotment());
    assertThat(found.allotment().unplaced()).isEmpty();
    assertThat(found.report().stopped()).isTrue();
  }

  @Test
  void tenSearchesAgree() {
    Random random = new Random(5);
    List<Run> runs =
        IntStream.range(0, 24)
            .mapToObj(i -> run("r" + i, 60 + random.nextInt(600), random.nextInt(80), i % 3 > 0))
            .toList();
    Show show =
        choosing(
            StandardCatalogue.get().controllerTypes(),
            List.of(new Site("a", 0, 0), new Site("b", 80, 0)),
            runs);
    PortReport first = search(show).report();
    String boxes = text(search(show).allotment());
    for (int i = 0; i < 9; i++) {
      PortPlanner.Allotted again = search(show);
      assertThat(again.report()).isEqualTo(first);
      assertThat(text(again.allotment())).isEqualTo(boxes);
    }
  }

  private static String text(Allotment allotment) {
    StringBuilder text = new StringBuilder();
    for (BoxLoad box : allotment.boxes()) {
      text.append(box.controller());
      box.ports().forEach(p -> text.append(p.pieces()));
    }
    return text.toString();
  }

  /** The chain of least cable against all orders of six runs. */
  @Test
  void chainsTakeTheLeastCableWhereItMatters() {
    Show show = Show.of(List.of());
    Point box = new Point(0, 0);
    for (int seed = 0; seed < 30; seed++) {
      Random random = new Random(seed);
      BoxLoad load = new BoxLoad(new Controller("C", "k", 0, 0), kind("k", 1, 8000, 40, 0));
      List<Piece> pieces = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        Run run = run("r" + i, 30, random.nextInt(50), true);
        Piece piece = new Piece(run, show.catalogue().pixelTypesById().get(run.type()), 1, 30);
        pieces.add(piece);
        load.append(1, piece);
      }
      ChainOrder.arrange(load, Set.of());
      double best = least(box, pieces, new ArrayList<>());
      assertThat(ChainOrder.length(box, load.ports().getFirst().pieces()))
          .isLessThanOrEqualTo(Math.max(best + 1, best / 0.85) + 1e-9);
    }
  }

  private static double least(Point box, List<Piece> left, List<Piece> chain) {
    if (left.isEmpty()) {
      return ChainOrder.length(box, chain);
    }
    double best = Double.MAX_VALUE;
    for (Piece p : left) {
      List<Piece> rest = new ArrayList<>(left);
      rest.remove(p);
      List<Piece> longer = new ArrayList<>(chain);
      longer.add(p);
      best = Math.min(best, least(box, rest, longer));
    }
    return best;
  }

  @Test
  void aPieceHeldOnAPortThatIsNotThereIsSaidToHaveNoPlace() {
    Show show =
        choosing(List.of(kind("two", 2, 800, 40, 20)), List.of(), List.of(run("a", 100, 0, true)))
            .withControllers(List.of(new Controller("B1", "two", 0, 0)));
    for (int port : new int[] {0, 3}) {
      List<Held> held = List.of(new Held("a", 1, 100, "B1", port, 1));
      Show byHand = show.withAllotting(show.allotting().withByHand(held));
      assertThat(search(byHand).allotment().unplaced()).extracting(u -> u.run()).contains("a");
    }
  }
}
