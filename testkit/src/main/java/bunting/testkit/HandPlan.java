package bunting.testkit;

import bunting.core.show.Attach;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.Point;
import bunting.core.show.PriceList;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A small show and the plan that a builder draws of it on paper, reckoned at the usual prices:
 * metres by gauge, ways, what is plugged in and what is cut in, boxes and supplies that are bought.
 */
public final class HandPlan {
  private final String name;
  private final Show show;
  private final Map<String, Double> metres = new LinkedHashMap<>();
  private int plugged;
  private int cut;
  private int boxes;
  private double bought;

  private HandPlan(String name, Show show) {
    this.name = name;
    this.show = show;
  }

  /** All of them, by their names each time the same. */
  public static List<HandPlan> all() {
    return List.of(
        twoRuns(),
        eave(),
        sixEaves(),
        trim(),
        ring(),
        paddles(),
        boats(),
        path(),
        willow(),
        weir());
  }

  /** What it is called. */
  public String name() {
    return name;
  }

  /** What is to be planned. */
  public Show show() {
    return show;
  }

  /** Boxes that are bought. */
  public int boxes() {
    return boxes;
  }

  /** Metres of power cable. */
  public double metres() {
    return metres.values().stream().mapToDouble(m -> m).sum();
  }

  /** Copper of it. */
  public double kilograms() {
    return metres.entrySet().stream()
        .mapToDouble(
            e -> 2 * 8.89e-3 * e.getValue() * Wire.parse(e.getKey()).orElseThrow().copperMm2())
        .sum();
  }

  /** Minutes of joining feeds on. */
  public double minutes() {
    PriceList prices = PriceList.DEFAULT;
    return plugged * prices.minutes().get(Attach.JOINT) + cut * prices.minutes().get(Attach.CUT);
  }

  /** What it costs to build. */
  public double cost() {
    PriceList prices = PriceList.DEFAULT;
    double wire =
        metres.entrySet().stream()
            .mapToDouble(e -> e.getValue() * prices.perM(Wire.parse(e.getKey()).orElseThrow()))
            .sum();
    return wire
        + (plugged + cut) * prices.distributionWay()
        + minutes() * prices.minuteRate()
        + bought;
  }

  private HandPlan wire(String gauge, double length) {
    metres.merge(gauge, length, Double::sum);
    return this;
  }

  /** The cable from the one box to a pixel of a run, by the rule of lengths. */
  private HandPlan lead(String gauge, String run, int pixel) {
    Run r = show.run(run).orElseThrow();
    Point box = show.controllers().orElseThrow().getFirst().at();
    return wire(
        gauge, Geometry.boxToPixel(box, r, show.catalogue().pixelTypesById().get(r.type()), pixel));
  }

  private HandPlan feeds(int pluggedIn, int cutIn) {
    plugged = pluggedIn;
    cut = cutIn;
    return this;
  }

  private HandPlan buys(int ofBoxes, double money) {
    boxes = ofBoxes;
    bought = money;
    return this;
  }

  private static Run line(String name, String type, int pixels, double x, double y, double ex) {
    return straight(name, type, pixels, x, y, ex, y);
  }

  private static Run straight(
      String name, String type, int pixels, double x, double y, double ex, double ey) {
    return Run.of(name, type, pixels)
        .withHanging(Hanging.straight(new Point(x, y), Optional.of(new Point(ex, ey))));
  }

  private static Show box(String kind, double x, double y, List<Run> runs) {
    return Show.of(runs).withControllers(List.of(new Controller("C1", kind, x, y)));
  }

  /** Ports 1 and 3 in 16AWG, one small supply. */
  private static HandPlan twoRuns() {
    double end = 1 + 249 / 60.0;
    List<Run> runs =
        List.of(
            line("low", "12v-strip-60", 250, 1, -2, end),
            line("high", "12v-strip-60", 250, 1, 1, end));
    return new HandPlan("two runs of 250 px, 12 V", box("box-4", 0, 0, runs))
        .lead("16AWG", "low", 1)
        .lead("16AWG", "high", 1)
        .buys(0, 22);
  }

  /** The port, the joint at 301 and the one at 601; a supply of 350 W. */
  private static HandPlan eave() {
    List<Run> runs = List.of(line("eave", "12v-strip-60", 708, 1, 1, 1 + 707 / 60.0));
    return new HandPlan("one eave of 708 px, 12 V", box("box-4", 0, 0, runs))
        .lead("16AWG", "eave", 1)
        .lead("14AWG", "eave", 301)
        .lead("12AWG", "eave", 601)
        .feeds(2, 0)
        .buys(0, 40);
  }

  /** The two short ones chained behind their neighbours, a feed at the far end of each chain. */
  private static HandPlan sixEaves() {
    List<Run> runs =
        List.of(
            line("e1", "12v-string-10", 97, 0, 3, 9.7),
            line("e2", "12v-string-10", 60, 9.8, 3, 15.8),
            line("e3", "12v-string-10", 48, 0, 6, 4.9),
            line("e4", "12v-string-10", 73, 5, 6, 12.2),
            line("e5", "12v-string-10", 36, 16, 3, 16),
            line("e6", "12v-string-10", 121, 16, 6, 28));
    return new HandPlan("six eaves, 12 V, four ports", box("box-4", 8, 1, runs))
        .wire("16AWG", 49.3)
        .wire("14AWG", 44)
        .feeds(3, 0)
        .buys(0, 40);
  }

  /** Two boxes of four ports, half of the runs on each, every run fed at both ends. */
  private static HandPlan trim() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      runs.add(line("trim " + i, "24v-string-8-reg", 208, i * 26, 3, i * 26 + 26));
    }
    Show show =
        Show.of(runs)
            .withSites(List.of(new Site("a", 40, 1), new Site("b", 130, 1), new Site("c", 220, 1)));
    return new HandPlan("260 m of trim, 24 V, three places", show)
        .wire("18AWG", 700)
        .feeds(10, 0)
        .buys(2, 2 * (60 + 50) + 4 * 42);
  }

  /** Each board at its own port; the ring fed at every 120 px, four of them cut in. */
  private static HandPlan ring() {
    List<Run> runs = new ArrayList<>();
    runs.add(
        Run.of("ring", "5v-strip-60", 720)
            .withHanging(Hanging.along(new Course.Ring(new Point(0, 3), 1.91, 0, 360))));
    for (int i = 0; i < 12; i++) {
      double a = Math.toRadians(30 * i);
      double x = Math.cos(a);
      double y = Math.sin(a);
      runs.add(
          straight(
              "board " + (i + 1), "5v-strip-60", 60, 0.4 * x, 3 + 0.4 * y, 1.4 * x, 3 + 1.4 * y));
    }
    return new HandPlan("a ring and twelve boards, 5 V", box("box-16", 0, 1, runs))
        .wire("16AWG", 12 * 3.2)
        .wire("22AWG", 5)
        .wire("12AWG", 35)
        .feeds(3, 4)
        .buys(0, 80);
  }

  /** The paddles of the mill's wheel, each on its own port, and fed again at its far end. */
  private static HandPlan paddles() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      double a = Math.toRadians(15 + 30 * i);
      double lean = a + Math.toRadians(28);
      double x = 8 + 0.62 * Math.cos(a);
      double y = 3 + 0.62 * Math.sin(a);
      runs.add(
          straight(
              "Paddle " + (i + 1),
              "5v-strip-60",
              90,
              x,
              y,
              x + 1.5 * Math.cos(lean),
              y + 1.5 * Math.sin(lean)));
    }
    HandPlan plan = new HandPlan("twelve paddles of 90 px, 5 V", box("box-16", 7, 2.4, runs));
    runs.forEach(r -> plan.lead("18AWG", r.name(), 1).lead("18AWG", r.name(), 90));
    return plan.feeds(12, 0).buys(0, 40);
  }

  /** Five boats along the bank, the far ones on thicker leads. */
  private static HandPlan boats() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      double x = 20 + 2.5 * i;
      runs.add(line("Boat " + (i + 1), "5v-strip-60", 60, x, 0.4, x + 1));
    }
    HandPlan plan = new HandPlan("five boats of 60 px, 5 V", box("box-8", 25, 1, runs));
    String[] gauge = {"12AWG", "14AWG", "20AWG", "14AWG", "12AWG"};
    for (int i = 0; i < 5; i++) {
      plan.lead(gauge[i], "Boat " + (i + 1), 1);
    }
    return plan.buys(0, 22);
  }

  /** Two ports, one lead to the left and one to the right. */
  private static HandPlan path() {
    List<Run> runs =
        List.of(
            line("west", "24v-string-8-reg", 150, 91, 0.2, 72.2),
            line("east", "24v-string-8-reg", 150, 92, 0.2, 111));
    return new HandPlan("lights along a path, 24 V", box("box-2", 91.5, 0.8, runs))
        .lead("18AWG", "west", 1)
        .lead("18AWG", "east", 1)
        .buys(0, 24);
  }

  /** Six strands from the crown, each on its own port. */
  private static HandPlan willow() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      double x = 77.5 + i;
      runs.add(straight("Strand " + (i + 1), "12v-string-10", 50, x, 6, x, 1));
    }
    HandPlan plan = new HandPlan("six strands of a willow, 12 V", box("box-8", 80, 0.8, runs));
    runs.forEach(r -> plan.lead("20AWG", r.name(), 1));
    return plan.buys(0, 22);
  }

  /** The port, the joint in the middle, and the end. */
  private static HandPlan weir() {
    List<Run> runs = List.of(line("weir", "12v-strip-60", 600, 31, 2.6, 31 + 599 / 60.0));
    return new HandPlan("a weir curtain of 600 px, 12 V", box("box-4", 30, 1.6, runs))
        .lead("16AWG", "weir", 1)
        .lead("16AWG", "weir", 301)
        .lead("14AWG", "weir", 600)
        .feeds(2, 0)
        .buys(0, 22);
  }
}
