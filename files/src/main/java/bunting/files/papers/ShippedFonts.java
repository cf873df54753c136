package bunting.files.papers;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.apache.fontbox.FontBoxFont;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.font.CIDFontMapping;
import org.apache.pdfbox.pdmodel.font.FontMapper;
import org.apache.pdfbox.pdmodel.font.FontMapping;
import org.apache.pdfbox.pdmodel.font.PDCIDSystemInfo;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.jspecify.annotations.Nullable;

/**
 * The fonts of the papers: one for Latin, Greek and Cyrillic; one for Arabic, Hebrew, the Caucasus
 * and signs; one for the East. All ship with the application, so that no paper depends on the fonts
 * of the machine; the last two are opened only where a text needs them, and only the letters that
 * are used go into a paper.
 */
final class ShippedFonts implements FontMapper {
  /** The families in the order in which a letter is looked for. */
  private static final Map<String, String> FILES = files();

  private final Map<String, TrueTypeFont> fonts = new LinkedHashMap<>();

  private static Map<String, String> files() {
    Map<String, String> files = new LinkedHashMap<>();
    files.put("Paper", "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf");
    files.put("Wide", "wide.ttf");
    files.put("East", "east.ttf");
    return files;
  }

  /** Families that a text needs: the first, and of the others what writes its other letters. */
  synchronized List<String> families(String text) {
    List<Integer> open = text.codePoints().distinct().filter(c -> c > ' ').boxed().toList();
    List<String> needed = new java.util.ArrayList<>();
    for (String family : FILES.keySet()) {
      List<Integer> before = open;
      CmapLookup letters = letters(family);
      open = before.stream().filter(c -> letters.getGlyphId(c) == 0).toList();
      if (needed.isEmpty() || open.size() < before.size()) {
        needed.add(family);
      }
      if (open.isEmpty()) {
        break;
      }
    }
    return needed;
  }

  /** Gives a renderer the families. */
  static void use(PdfRendererBuilder builder, List<String> families) {
    for (String family : families) {
      builder.useFont(() -> open(family), family, 400, FontStyle.NORMAL, true);
    }
  }

  private CmapLookup letters(String family) {
    try {
      return font(family).getUnicodeCmapLookup();
    } catch (IOException e) {
      throw new UncheckedIOException("the font ships with the application", e);
    }
  }

  private synchronized TrueTypeFont font(String family) {
    return fonts.computeIfAbsent(
        family,
        f -> {
          try (InputStream in = open(f)) {
            return new TTFParser().parse(new RandomAccessReadBuffer(in));
          } catch (IOException e) {
            throw new UncheckedIOException("the font ships with the application", e);
          }
        });
  }

  private static InputStream open(String family) {
    String file = Objects.requireNonNull(FILES.get(family));
    Class<?> beside = file.startsWith("/") ? PDType0Font.class : ShippedFonts.class;
    return Objects.requireNonNull(beside.getResourceAsStream(file));
  }

  @Override
  public FontMapping<TrueTypeFont> getTrueTypeFont(
      String name, @Nullable PDFontDescriptor descriptor) {
    return new FontMapping<>(font("Paper"), true);
  }

  @Override
  public FontMapping<FontBoxFont> getFontBoxFont(
      String name, @Nullable PDFontDescriptor descriptor) {
    return new FontMapping<>(font("Paper"), true);
  }

  @Override
  public @Nullable CIDFontMapping getCIDFont(
      String name, @Nullable PDFontDescriptor descriptor, @Nullable PDCIDSystemInfo system) {
    return null;
  }
}
