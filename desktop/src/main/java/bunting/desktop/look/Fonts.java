package bunting.desktop.look;

import bunting.files.BadInputException;
import bunting.files.UserFolders;
import bunting.files.WholeFile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import org.jspecify.annotations.Nullable;

/** The one family of type, which ships with the application. */
public final class Fonts {
  /** Nothing is smaller than this, pixels. */
  public static final double SMALL = 12;

  private static final String FOLDER = "/com/formdev/flatlaf/fonts/inter/Inter-";
  private static final String FAMILY = load();

  /** Names are measured again each frame; what was measured is kept, up to so many. */
  private static final int WIDTHS_MAX = 20_000;

  private static final Map<Measured, Double> WIDTHS = new HashMap<>();

  private record Measured(String text, Font font) {}

  private Fonts() {}

  /** The family's name; loads it first. */
  public static String family() {
    return FAMILY;
  }

  /** Plain; no smaller than {@link #SMALL}. */
  public static Font plain(double size) {
    check(size);
    return Font.font(FAMILY, FontWeight.NORMAL, size);
  }

  /** Heavier, for figures and headings; no smaller than {@link #SMALL}. */
  public static Font bold(double size) {
    check(size);
    return Font.font(FAMILY, FontWeight.BOLD, size);
  }

  private static void check(double size) {
    if (size < SMALL) {
      throw new IllegalArgumentException("nothing is under " + SMALL + " px: " + size);
    }
  }

  /** Width of a text in a font, in pixels. Called on the interface thread. */
  public static double width(String text, Font font) {
    if (WIDTHS.size() > WIDTHS_MAX) {
      WIDTHS.clear();
    }
    return WIDTHS.computeIfAbsent(new Measured(text, font), Fonts::measured);
  }

  private static double measured(Measured what) {
    String text = what.text();
    Font font = what.font();
    Text measure = new Text(text);
    measure.setFont(font);
    return measure.getLayoutBounds().getWidth();
  }

  /**
   * The text, shortened to fit: the last word, which tells one of a row from the next, stays as
   * long as it can. Empty where not even three letters fit.
   */
  public static String fitted(String text, Font font, double most) {
    if (width(text, font) <= most) {
      return text;
    }
    int space = text.lastIndexOf(' ');
    String tail = space > 0 && text.length() - space <= 4 ? text.substring(space + 1) : "";
    for (int end = text.length() - tail.length() - 1; end >= 2; end--) {
      String shorter = text.substring(0, end).stripTrailing() + "…" + tail;
      if (width(shorter, font) <= most) {
        return shorter;
      }
    }
    return "";
  }

  private static String load() {
    String family = "System";
    for (String style : new String[] {"Regular", "Bold"}) {
      try (InputStream in = Fonts.class.getResourceAsStream(FOLDER + style + ".otf")) {
        Font font = loaded("Inter-" + style + ".otf", in.readAllBytes());
        family = font == null ? family : font.getFamily();
      } catch (IOException e) {
        throw new UncheckedIOException("the font ships with the application", e);
      }
    }
    return family;
  }

  /**
   * Loads a font by a file in the user's cache: from a stream the toolkit would copy it into the
   * temporary folder each time, and leave it there when it is killed.
   */
  private static @Nullable Font loaded(String name, byte[] content) throws IOException {
    Path kept = UserFolders.here().cache().resolve("fonts").resolve(name);
    try {
      if (!Files.exists(kept) || !Arrays.equals(Files.readAllBytes(kept), content)) {
        Files.createDirectories(kept.getParent());
        WholeFile.write(kept, content);
      }
      Font font = Font.loadFont("file:" + kept, SMALL);
      if (font != null) {
        return font;
      }
    } catch (IOException | BadInputException e) {
      // A cache that cannot be written: then as the toolkit does it.
    }
    return Font.loadFont(new ByteArrayInputStream(content), SMALL);
  }
}
