package bunting.benchmarks;

import bunting.core.show.Addressing;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Site;
import bunting.core.show.StandardCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * Generated shows of a given size, the same each time: 5, 12 and 24 V, RGB and RGBW, groups, a site
 * each 30 m.
 */
final class Shows {
  private static final List<String> TYPES =
      List.of(
          "5v-strip-60", "12v-strip-60", "12v-string-10-reg", "24v-strip-60-rgbw", "12v-strip-20");
  private static final int PIXELS_A_RUN = 250;
  private static final int RUNS_A_SITE = 50;

  private Shows() {}

  static Show of(int pixels) {
    Random random = new Random(1);
    int count = pixels / PIXELS_A_RUN;
    int siteCount = Math.max(1, count / RUNS_A_SITE);
    List<Site> sites = new ArrayList<>();
    for (int i = 0; i < siteCount; i++) {
      sites.add(new Site("site " + i, 30.0 * i, 0));
    }
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Point start =
          new Point(
              30.0 * random.nextInt(siteCount) + random.nextDouble(-6, 6), random.nextDouble(0, 6));
      Optional<String> group = i % 3 == 0 ? Optional.of("group " + i / 7) : Optional.empty();
      runs.add(
          new Run(
              "run " + i,
              TYPES.get(i % TYPES.size()),
              PIXELS_A_RUN / 2 + random.nextInt(PIXELS_A_RUN),
              OptionalDouble.empty(),
              start,
              Optional.empty(),
              OptionalDouble.empty(),
              group,
              Optional.empty(),
              true,
              Map.of()));
    }
    return new Show(
        ShowSettings.DEFAULT,
        sites,
        Addressing.DEFAULT,
        StandardCatalogue.get(),
        Optional.empty(),
        Optional.empty(),
        runs);
  }

  /** Runs of three voltages along a street of sites, a third of them whole, some in groups. */
  static Show onSites(int runs, int sites, int seed) {
    Random random = new Random(seed);
    List<String> types = List.of("5v-strip-60", "12v-string-10", "24v-strip-60-rgbw");
    List<Run> list = new ArrayList<>();
    for (int i = 0; i < runs; i++) {
      var at = new Point(random.nextDouble() * 30 * sites, random.nextInt(8));
      list.add(
          Run.of("r" + i, types.get(random.nextInt(3)), 30 + 6 * random.nextInt(73))
              .withHanging(bunting.core.show.Hanging.straight(at, Optional.empty()))
              .withSplit(random.nextInt(3) > 0)
              .withGroup(
                  random.nextInt(4) == 0
                      ? Optional.of("g" + (int) (at.x() / 15))
                      : Optional.empty()));
    }
    List<Site> places = new ArrayList<>();
    for (int i = 0; i < sites; i++) {
      places.add(new Site("s" + i, 15 + 30 * i, 0));
    }
    return Show.of(list).withSites(places);
  }
}
