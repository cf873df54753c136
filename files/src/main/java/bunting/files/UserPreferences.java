package bunting.files;

import bunting.core.limits.Range;
import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Collectors;

/**
 * What the window remembers of its user from one start to the next. None of it belongs to a show. A
 * file of keys and values, which is read in no time when the window is launched.
 *
 * @param recent files that were open, the last one first, at most {@link #RECENT_MAX}
 * @param place where the window stood; empty: it was never moved
 * @param night whether the theme is the dark one
 * @param feet whether shows that are begun measure in feet and inches
 * @param currency of shows that are begun, as written behind a price; empty: not said
 * @param folder the folder that files were last chosen from
 */
public record UserPreferences(
    List<Path> recent,
    Optional<Place> place,
    boolean night,
    boolean feet,
    String currency,
    Optional<Path> folder) {
  /** So many files are remembered. */
  public static final int RECENT_MAX = 8;

  /** Of somebody who starts it for the first time. */
  public static final UserPreferences NONE =
      new UserPreferences(List.of(), Optional.empty(), false, false, "", Optional.empty());

  private static final int PLACE_PARTS = 5;
  private static final Range ON_SCREENS = Range.between(-100_000, 100_000);

  /** A window's place, pixels of the screen, and whether it filled it. */
  public record Place(double x, double y, double width, double height, boolean filled) {}

  /** The same with a file that was just opened or saved in front. */
  public UserPreferences withRecent(Path file) {
    List<Path> files = new ArrayList<>(recent);
    files.remove(file);
    files.addFirst(file);
    return new UserPreferences(
        List.copyOf(files.subList(0, Math.min(RECENT_MAX, files.size()))),
        place,
        night,
        feet,
        currency,
        folder);
  }

  /** The same without a file that is gone. */
  public UserPreferences withoutRecent(Path file) {
    return new UserPreferences(
        recent.stream().filter(f -> !f.equals(file)).toList(),
        place,
        night,
        feet,
        currency,
        folder);
  }

  /** The same with the window somewhere. */
  public UserPreferences withPlace(Place at) {
    return new UserPreferences(recent, Optional.of(at), night, feet, currency, folder);
  }

  /** The same in another theme. */
  public UserPreferences withNight(boolean dark) {
    return new UserPreferences(recent, place, dark, feet, currency, folder);
  }

  /** The same with another unit of length for shows to come. */
  public UserPreferences withFeet(boolean on) {
    return new UserPreferences(recent, place, night, on, currency, folder);
  }

  /** The same with another currency for shows to come. */
  public UserPreferences withCurrency(String other) {
    return new UserPreferences(recent, place, night, feet, other, folder);
  }

  /** The same with another folder. */
  public UserPreferences withFolder(Path last) {
    return new UserPreferences(recent, place, night, feet, currency, Optional.of(last));
  }

  /** Reads them; what cannot be read, wholly or in part, is as if it had never been said. */
  public static UserPreferences read(Path file) {
    Properties said = new Properties();
    try (Reader in = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
      said.load(in);
    } catch (IOException | IllegalArgumentException e) {
      return NONE;
    }
    UserPreferences found = NONE;
    for (int i = RECENT_MAX; i >= 1; i--) {
      found = path(said, "recent." + i).map(found::withRecent).orElse(found);
    }
    found = path(said, "folder").map(found::withFolder).orElse(found);
    found = place(said).map(found::withPlace).orElse(found);
    String money = said.getProperty("currency", "");
    return found
        .withNight(Boolean.parseBoolean(said.getProperty("night")))
        .withFeet(Boolean.parseBoolean(said.getProperty("feet")))
        .withCurrency(money.length() <= Range.CURRENCY_MAX ? money : "");
  }

  private static Optional<Path> path(Properties said, String key) {
    try {
      return Optional.ofNullable(said.getProperty(key)).filter(t -> !t.isBlank()).map(Path::of);
    } catch (InvalidPathException e) {
      return Optional.empty();
    }
  }

  private static Optional<Place> place(Properties said) {
    String[] parts = said.getProperty("window", "").split(" ", -1);
    if (parts.length != PLACE_PARTS) {
      return Optional.empty();
    }
    try {
      double[] n = new double[4];
      for (int i = 0; i < n.length; i++) {
        n[i] = Double.parseDouble(parts[i]);
        if (!ON_SCREENS.holds(n[i])) {
          return Optional.empty();
        }
      }
      Place at = new Place(n[0], n[1], n[2], n[3], parts[4].equals("filled"));
      return Optional.of(at).filter(p -> p.width() >= 1 && p.height() >= 1);
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  /** Writes them; false where that failed: nothing depends on it. */
  public boolean write(Path file) {
    Properties all = new Properties();
    for (int i = 0; i < recent.size(); i++) {
      all.setProperty("recent." + (i + 1), recent.get(i).toString());
    }
    place.ifPresent(
        p ->
            all.setProperty(
                "window",
                p.x()
                    + " "
                    + p.y()
                    + " "
                    + p.width()
                    + " "
                    + p.height()
                    + (p.filled() ? " filled" : " free")));
    all.setProperty("night", Boolean.toString(night));
    all.setProperty("feet", Boolean.toString(feet));
    all.setProperty("currency", currency);
    folder.ifPresent(f -> all.setProperty("folder", f.toString()));
    StringWriter text = new StringWriter();
    try {
      all.store(text, null);
      // The library puts the date above; the same preferences are the same bytes.
      String lines =
          text.toString()
              .lines()
              .filter(l -> !l.startsWith("#"))
              .sorted()
              .collect(Collectors.joining("\n", "", "\n"));
      FileRights.makePrivate(file.toAbsolutePath().getParent());
      WholeFile.write(file, lines.getBytes(StandardCharsets.UTF_8), FileRights.PRIVATE);
      return true;
    } catch (IOException | BadInputException e) {
      return false;
    }
  }
}
