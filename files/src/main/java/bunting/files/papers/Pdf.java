package bunting.files.papers;

import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.GregorianCalendar;
import java.util.TimeZone;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.font.FontMappers;

/** A paper as PDF, the same bytes for the same text: no time of day, no random id. */
final class Pdf {
  private static final ShippedFonts FONTS = new ShippedFonts();

  /**
   * Held, so that its level stays. The library warns of every font that it would look for on the
   * machine.
   */
  private static final Logger FONT_LOG = Logger.getLogger("org.apache.pdfbox");

  static {
    FONT_LOG.setLevel(Level.OFF);
    XRLog.setLoggingEnabled(false);
    FontMappers.set(FONTS);
  }

  private final byte[] bytes;
  private final int pages;

  private Pdf(byte[] bytes, int pages) {
    this.bytes = bytes;
    this.pages = pages;
  }

  /** The file's bytes. */
  byte[] bytes() {
    return bytes.clone();
  }

  /** How many pages it has. */
  int pages() {
    return pages;
  }

  /** Renders a page's HTML. */
  static Pdf of(Page page) {
    var families = FONTS.families(page.text());
    String html = page.html(String.join(", ", families));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useFastMode();
      ShippedFonts.use(builder, families);
      Writing.use(builder);
      builder.useObjectDrawerFactory(Drawings.factory(page.drawings()));
      builder.withHtmlContent(html, null);
      try (PdfBoxRenderer renderer = builder.buildPdfRenderer();
          PDDocument document = renderer.getPdfDocument()) {
        renderer.layout();
        renderer.createPDFWithoutClosing();
        PDDocumentInformation information = new PDDocumentInformation();
        information.setProducer("Bunting");
        information.setTitle(page.title());
        GregorianCalendar epoch = new GregorianCalendar(TimeZone.getTimeZone("UTC"));
        epoch.setTimeInMillis(0);
        information.setCreationDate(epoch);
        document.setDocumentInformation(information);
        document.setDocumentId(1L);
        document.save(out);
        return new Pdf(out.toByteArray(), document.getNumberOfPages());
      }
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
  }
}
