package bunting.files.papers;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A paper as it will print, to be looked at page by page. */
public final class Preview {
  private final byte[] pdf;

  Preview(byte[] pdf) {
    this.pdf = pdf.clone();
  }

  /** The paper as a file. */
  public byte[] bytes() {
    return pdf.clone();
  }

  /**
   * A page and how many there are.
   *
   * @param page from 1
   */
  public record Seen(BufferedImage image, int page, int pages) {}

  /**
   * The picture of a page.
   *
   * @param page from 1; beyond the last it is the last
   * @param heightPixels of the picture
   */
  public Seen page(int page, int heightPixels) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      int pages = document.getNumberOfPages();
      int shown = Math.max(1, Math.min(pages, page));
      float points = document.getPage(shown - 1).getMediaBox().getHeight();
      BufferedImage image = new PDFRenderer(document).renderImage(shown - 1, heightPixels / points);
      return new Seen(image, shown, pages);
    } catch (IOException e) {
      throw new UncheckedIOException("a paper of our own can be read", e);
    }
  }
}
