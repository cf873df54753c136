package bunting.files;

import bunting.core.limits.Range;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the window remembers of its user from one start to the next. None of it belongs to a show.
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

  private static final JsonMapper MAPPER = JsonMapper.builder().build();
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
    try {
      JsonNode root = MAPPER.readTree(Files.readString(file, StandardCharsets.UTF_8));
      UserPreferences found = NONE;
      List<JsonNode> files = new ArrayList<>();
      root.path("recent").forEach(files::addFirst);
      for (JsonNode f : files) {
        found = with(found, f, found::withRecent);
      }
      found = with(found, root.path("folder"), found::withFolder);
      Optional<Place> at = place(root.path("window"));
      found = at.map(found::withPlace).orElse(found);
      String money = root.path("currency").asText("");
      return found
          .withNight(root.path("night").asBoolean())
          .withFeet(root.path("feet").asBoolean())
          .withCurrency(money.length() <= Range.CURRENCY_MAX ? money : "");
    } catch (IOException e) {
      return NONE;
    }
  }

  private interface ByPath {
    UserPreferences apply(Path path);
  }

  private static UserPreferences with(UserPreferences before, JsonNode text, ByPath change) {
    try {
      return text.isTextual() ? change.apply(Path.of(text.asText())) : before;
    } catch (InvalidPathException e) {
      return before;
    }
  }

  private static Optional<Place> place(JsonNode at) {
    Place place =
        new Place(
            at.path("x").asDouble(),
            at.path("y").asDouble(),
            at.path("width").asDouble(),
            at.path("height").asDouble(),
            at.path("filled").asBoolean());
    boolean sound =
        ON_SCREENS.holds(place.x())
            && ON_SCREENS.holds(place.y())
            && place.width() >= 1
            && place.height() >= 1
            && ON_SCREENS.holds(place.width())
            && ON_SCREENS.holds(place.height());
    return Optional.of(place).filter(p -> sound);
  }

  /** Writes them; false where that failed: nothing depends on it. */
  public boolean write(Path file) {
    ObjectNode root = MAPPER.createObjectNode();
    var list = root.putArray("recent");
    recent.forEach(f -> list.add(f.toString()));
    place.ifPresent(
        p ->
            root.putObject("window")
                .put("x", p.x())
                .put("y", p.y())
                .put("width", p.width())
                .put("height", p.height())
                .put("filled", p.filled()));
    root.put("night", night).put("feet", feet).put("currency", currency);
    folder.ifPresent(f -> root.put("folder", f.toString()));
    try {
      Files.createDirectories(file.toAbsolutePath().getParent());
      WholeFile.write(file, (root.toPrettyString() + "\n").getBytes(StandardCharsets.UTF_8));
      return true;
    } catch (IOException | BadInputException e) {
      return false;
    }
  }
}
