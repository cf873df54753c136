package bunting.core.power;

import bunting.core.show.Catalogue;
import bunting.core.show.Conductors;
import bunting.core.show.FuseSizes;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.LoadKind;
import bunting.core.show.OtherLoads;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.StandardCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/** Random shows for the rules of power. */
public final class RandomWiring {
  private RandomWiring() {}

  private static final List<String> TYPES =
      List.of("5v-strip-60", "5v-strip-30", "12v-strip-60", "24v-strip-60-rgbw", "5v-string-10");

  /** Runs with random copper, joints, inputs, trims, ways and brightness. */
  public static Show show(Random random) {
    List<Run> runs = new ArrayList<>();
    for (int r = 0; r < 1 + random.nextInt(6); r++) {
      String type = TYPES.get(random.nextInt(TYPES.size()));
      runs.add(Run.of("run " + r, type, 6 * (1 + random.nextInt(60))));
    }
    Conductors copper =
        new Conductors(
            random.nextInt(60),
            random.nextInt(6),
            random.nextInt(6),
            random.nextInt(6),
            random.nextInt(3) * 0.7,
            1 + random.nextInt(3),
            random.nextBoolean() ? Optional.of("12AWG") : Optional.empty(),
            true,
            random.nextBoolean() ? Map.of(5.0, 5.2) : Map.of(),
            Conductors.JUMPER);
    PowerWays d = PowerWays.DEFAULT;
    PowerWays ways =
        new PowerWays(
            random.nextInt(3) == 0
                ? List.of(InjectionSchool.values())
                    .get(random.nextInt(InjectionSchool.values().length))
                : random.nextBoolean() ? InjectionSchool.BEST : InjectionSchool.PORT_FIRST,
            60 + random.nextInt(100),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            List.of(FuseSizes.values()).get(random.nextInt(FuseSizes.values().length)),
            random.nextBoolean(),
            d.boxLitres(),
            d.ambientCelsius(),
            random.nextBoolean(),
            random.nextInt(3));
    Show show =
        Show.of(runs).withSettings(ShowSettings.DEFAULT.withBrightness(30 + random.nextInt(71)));
    return show.withWiring(show.wiring().with(copper).with(ways));
  }

  /** The same with other kinds of load, limits of rails, plain sets and posts by hand. */
  public static Show everything(Random random) {
    Show show = show(random);
    Catalogue c = StandardCatalogue.get();
    LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(4));
    PixelType base = c.pixelTypesById().get("12v-strip-60");
    PixelType type =
        new PixelType(
            "odd",
            "12 V, odd",
            12,
            3,
            "RGB",
            8,
            base.signal(),
            30,
            3,
            30,
            random.nextInt(3),
            kind,
            0.04,
            OptionalDouble.empty(),
            random.nextBoolean()
                ? OptionalDouble.of(4 + random.nextInt(4))
                : OptionalDouble.empty(),
            java.util.OptionalInt.empty());
    List<Run> runs = new ArrayList<>(show.runs());
    for (int r = 0; r < 1 + random.nextInt(3); r++) {
      runs.add(Run.of("odd " + r, "odd", 30 * (1 + random.nextInt(15))));
    }
    List<PlainSet> sets = new ArrayList<>();
    for (int i = 0; i < random.nextInt(5); i++) {
      sets.add(
          new PlainSet(
              "set " + i,
              12,
              1 + random.nextInt(4),
              10 + random.nextInt(60),
              new Point(random.nextInt(8), 0),
              OptionalDouble.empty(),
              Optional.empty()));
    }
    return show.withCatalogue(c.withPixelType(type))
        .withRuns(runs)
        .withOthers(new OtherLoads(sets, List.of()));
  }

  /** The same with feeds by hand on some runs, wise or not. */
  public static Show byHand(Random random) {
    Show show = everything(random);
    for (Run run : show.runs()) {
      if (random.nextBoolean()) {
        List<HeldPost> posts = new ArrayList<>();
        boolean port = random.nextBoolean();
        posts.add(new HeldPost(run.name(), 1, port, Optional.empty(), OptionalDouble.empty()));
        if (random.nextBoolean() && run.pixels() > 2) {
          posts.add(
              new HeldPost(
                  run.name(),
                  2 + random.nextInt(run.pixels() - 1),
                  false,
                  Optional.of(random.nextBoolean() ? "20AWG" : "14AWG"),
                  OptionalDouble.of(1 + random.nextInt(6))));
        }
        show = show.withWiring(show.wiring().withPosts(run.name(), posts));
      }
    }
    return show;
  }
}
