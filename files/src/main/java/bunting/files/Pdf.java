package bunting.files;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
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

/** HTML to PDF, the same bytes for the same text: no date of the day, no random id. */
final class Pdf {
  /**
   * Held, so that its level stays. The library warns of every font that it would look for on the
   * machine.
   */
  private static final Logger FONT_LOG = Logger.getLogger("org.apache.pdfbox");

  static {
    FONT_LOG.setLevel(Level.OFF);
    XRLog.setLoggingEnabled(false);
    FontMappers.set(new ShippedFonts());
  }

  private Pdf() {}

  static byte[] render(String html) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useFastMode();
      builder.useFont(ShippedFonts::open, "Paper", 400, FontStyle.NORMAL, true);
      builder.withHtmlContent(html, null);
      try (PdfBoxRenderer renderer = builder.buildPdfRenderer();
          PDDocument document = renderer.getPdfDocument()) {
        renderer.layout();
        renderer.createPDFWithoutClosing();
        PDDocumentInformation information = new PDDocumentInformation();
        information.setProducer("Bunting");
        GregorianCalendar epoch = new GregorianCalendar(TimeZone.getTimeZone("UTC"));
        epoch.setTimeInMillis(0);
        information.setCreationDate(epoch);
        document.setDocumentInformation(information);
        document.setDocumentId(1L);
        document.save(out);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    return out.toByteArray();
  }
}
