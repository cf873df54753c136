package bunting.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Workshop;
import bunting.core.solve.CuttingStock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Random cuts against a search through all partitions, and cut lists of random shows. */
class CuttingPropertyTest {
  /** The fewest bars by trying every bar for every piece, the longest first. */
  private static int fewest(int[] pieces, int bar) {
    int[] sorted = pieces.clone();
    Arrays.sort(sorted);
    int[] down = new int[sorted.length];
    for (int i = 0; i < sorted.length; i++) {
      down[i] = sorted[sorted.length - 1 - i];
    }
    for (int bars = 1; ; bars++) {
      if (fits(down, 0, new int[bars], bar)) {
        return bars;
      }
    }
  }

  private static boolean fits(int[] pieces, int next, int[] used, int bar) {
    if (next == pieces.length) {
      return true;
    }
    for (int b = 0; b < used.length; b++) {
      if (used[b] + pieces[next] <= bar) {
        used[b] += pieces[next];
        if (fits(pieces, next + 1, used, bar)) {
          return true;
        }
        used[b] -= pieces[next];
      }
      if (used[b] == 0) {
        break;
      }
    }
    return false;
  }

  @Test
  void smallCutsAreTheBestThereAre() {
    Random random = new Random(3);
    for (int i = 0; i < 60; i++) {
      int[] pieces = new int[1 + random.nextInt(9)];
      for (int p = 0; p < pieces.length; p++) {
        pieces[p] = 1 + random.nextInt(60);
      }
      CuttingStock.Result result =
          CuttingStock.solve(
              Arrays.stream(pieces).boxed().toList(), List.of(CuttingStock.Bar.endless(60, 1)));
      assertThat(result.proven()).isTrue();
      assertThat(result.cuts()).as(Arrays.toString(pieces)).hasSize(fewest(pieces, 60));
    }
  }

  private static Run run(Random random, int n) {
    List<String> types = List.of("5v-strip-60", "24v-strip-60-rgbw", "12v-string-10");
    String type = types.get(random.nextInt(3));
    int unit = type.startsWith("24v") ? 6 : 1;
    int pixels = unit * (1 + random.nextInt(900 / unit));
    Run run = Run.of("run " + n, type, pixels);
    return switch (random.nextInt(4)) {
      case 0 -> run;
      case 1 ->
          run.withHanging(
              Hanging.along(
                  new Course.Traced(
                      List.of(
                          new Point(0, 0),
                          new Point(1 + random.nextInt(4), 0),
                          new Point(3, 1 + random.nextInt(5))))));
      case 2 ->
          run.withHanging(
              Hanging.along(
                  new Course.Grid(
                      new Point(0, 0), 1 + random.nextInt(6), 2, 0.3, 90, random.nextBoolean())));
      default -> run.withHanging(Hanging.along(new Course.Ring(new Point(0, 0), 1.5, 0, 360)));
    };
  }

  @Test
  void everyRunIsCutWholeAndNothingTwice() {
    for (int seed = 0; seed < 40; seed++) {
      Random random = new Random(seed);
      List<Run> runs = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(12); i++) {
        runs.add(run(random, i));
      }
      List<Workshop.Rest> rests =
          random.nextBoolean()
              ? List.of(new Workshop.Rest("5v-strip-60", 30 + random.nextInt(200), 2))
              : List.of();
      Show show = Show.of(runs).withWorkshop(new Workshop(List.of(), rests, Map.of()));
      Map<String, PixelType> types = show.catalogue().pixelTypesById();
      Map<String, boolean[]> cut = new HashMap<>();
      runs.forEach(r -> cut.put(r.name(), new boolean[r.pixels()]));
      for (CutList.OfType type : CutList.of(show).types()) {
        int restsUsed = 0;
        for (CutList.Reel reel : type.reels()) {
          restsUsed += reel.rest() ? 1 : 0;
          assertThat(reel.over()).isNotNegative();
          for (Piece p : reel.pieces()) {
            for (int i = p.firstPixel(); i <= p.lastPixel(); i++) {
              assertThat(cut.get(p.run())[i - 1]).as(p + " cut twice").isFalse();
              cut.get(p.run())[i - 1] = true;
            }
          }
        }
        assertThat(restsUsed).isLessThanOrEqualTo(2);
        assertThat(type.orders().stream().mapToInt(CutList.Order::cut).sum())
            .isEqualTo((int) type.reels().stream().filter(r -> !r.rest()).count());
        for (Piece p : type.pieces()) {
          boolean last = p.lastPixel() == show.run(p.run()).orElseThrow().pixels();
          assertThat(last || p.after() != Piece.After.END).isTrue();
          boolean grid =
              show.run(p.run()).orElseThrow().hanging().course().stream()
                  .anyMatch(c -> c instanceof Course.Grid);
          if (!last && !grid) {
            assertThat(p.lastPixel() % types.get(type.type().id()).cutEvery())
                .as("cut at a cut mark")
                .isZero();
          }
        }
      }
      cut.forEach(
          (name, pixels) -> {
            for (boolean pixel : pixels) {
              assertThat(pixel).as(name).isTrue();
            }
          });
    }
  }

  @Test
  void usualPacksHoldWholeCutUnits() {
    for (PixelType type : StandardCatalogue.get().pixelTypes()) {
      Workshop.Pack pack = Workshop.usualPack(type);
      assertThat(pack.pixels() % type.cutEvery()).as(type.id()).isZero();
      assertThat(pack.pixels()).isPositive();
    }
  }
}
