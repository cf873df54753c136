package bunting.core.limits;

import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * How many of each thing a show may have. Files are refused beyond these before anything is
 * computed from them, and edits are not done. All are well above what is built; a show at its
 * limits is planned in minutes.
 */
public final class Counts {
  /** Runs, plain sets and bulb strings together. */
  public static final int LIGHTS = 5_000;

  /** Pixels of all runs together. */
  public static final long PIXELS = 2_000_000;

  /** Entries of a list that has no limit of its own. */
  public static final int LIST = 100_000;

  /** Lists with a limit of their own, by their key in files. */
  private static final Map<String, Integer> LISTS =
      Map.ofEntries(
          Map.entry("runs", LIGHTS),
          Map.entry("plainSets", LIGHTS),
          Map.entry("bulbStrings", LIGHTS),
          Map.entry("controllers", 2_000),
          Map.entry("sites", 500),
          Map.entry("circuits", 200),
          Map.entry("pixelTypes", 500),
          Map.entry("controllerTypes", 100),
          Map.entry("supplyTypes", 100),
          Map.entry("dimmerTypes", 100),
          Map.entry("leadHelpers", 100),
          Map.entry("distributionBlocks", 100),
          Map.entry("tails", 100),
          Map.entry("joints", 100),
          Map.entry("packs", 1_000),
          Map.entry("rests", 5_000),
          Map.entry("offers", 5_000),
          Map.entry("wires", 50),
          Map.entry("faces", 200),
          Map.entry("outlets", 1_000),
          Map.entry("devices", 1_000),
          Map.entry("reserved", 5_000),
          Map.entry("pool", 1_000));

  private Counts() {}

  /** Returns the most entries that a list of a file may have, by its key. */
  static int most(String list) {
    return LISTS.getOrDefault(list, LIST);
  }

  /** Returns the lists with a limit of their own and that limit, by name. */
  public static SortedMap<String, Integer> lists() {
    return new TreeMap<>(LISTS);
  }

  /** Returns what is wrong with a list of so many entries; empty: nothing. */
  public static Optional<String> tooLong(String list, int entries) {
    int most = most(list);
    return entries > most
        ? Optional.of(
            "has " + grouped(entries) + " entries; at most " + grouped(most) + " are allowed.")
        : Optional.empty();
  }

  /** Returns the sentence about too many pixels in these runs; empty: there are not too many. */
  public static Optional<String> tooManyPixels(List<Run> runs) {
    long pixels = runs.stream().mapToLong(Run::pixels).sum();
    return pixels > PIXELS
        ? Optional.of(
            "The runs have "
                + grouped(pixels)
                + " pixels together; a show may have at most "
                + grouped(PIXELS)
                + ".")
        : Optional.empty();
  }

  /** Returns the sentence about what a show has too many of; empty: nothing. */
  static Optional<String> problem(Show show) {
    int lights =
        show.runs().size() + show.others().plainSets().size() + show.others().bulbStrings().size();
    return over("runs, sets and strings", lights, LIGHTS)
        .or(() -> tooManyPixels(show.runs()))
        .or(
            () ->
                over(
                    "controllers",
                    show.controllers().map(List::size).orElse(0),
                    most("controllers")))
        .or(() -> over("places for controllers", show.sites().size(), most("sites")))
        .or(() -> over("circuits", show.circuits().map(List::size).orElse(0), most("circuits")));
  }

  private static String grouped(long count) {
    return String.format(Locale.ROOT, "%,d", count);
  }

  private static Optional<String> over(String what, int count, int most) {
    return count > most
        ? Optional.of(
            "A show may have at most "
                + grouped(most)
                + " "
                + what
                + "; this has "
                + grouped(count)
                + ".")
        : Optional.empty();
  }
}
