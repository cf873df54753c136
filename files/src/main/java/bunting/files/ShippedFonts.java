package bunting.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.apache.fontbox.FontBoxFont;
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
 * Gives the one shipped font for whatever is asked, so that no paper depends on the fonts of the
 * machine, and nothing searches its folders.
 */
final class ShippedFonts implements FontMapper {
  private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  private final TrueTypeFont font;

  ShippedFonts() {
    try (InputStream in = open()) {
      font = new TTFParser().parse(new RandomAccessReadBuffer(in));
    } catch (IOException e) {
      throw new UncheckedIOException("the font ships with the application", e);
    }
  }

  /** The font's bytes. */
  static InputStream open() {
    return Objects.requireNonNull(PDType0Font.class.getResourceAsStream(FILE));
  }

  @Override
  public FontMapping<TrueTypeFont> getTrueTypeFont(
      String name, @Nullable PDFontDescriptor descriptor) {
    return new FontMapping<>(font, true);
  }

  @Override
  public FontMapping<FontBoxFont> getFontBoxFont(
      String name, @Nullable PDFontDescriptor descriptor) {
    return new FontMapping<>(font, true);
  }

  @Override
  public @Nullable CIDFontMapping getCIDFont(
      String name, @Nullable PDFontDescriptor descriptor, @Nullable PDCIDSystemInfo system) {
    return null;
  }
}
