package bunting.files.papers;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.EnumMap;
import java.util.Map;
import javax.imageio.ImageIO;

/**
 * Squares to be scanned (ISO/IEC 18004, level M). A picture and not lines: a paper that shows the
 * same one on many labels holds it once.
 */
final class Codes {
  private static final int DOTS = 6;
  private static final int QUIET_MODULES = 4;
  private static final int ASCII_MOST = 127;

  private Codes() {}

  /** A code of a text that is read back as it was. */
  static String image(String text, double sideMm) {
    return "<img alt=\"\" style=\"display: block; width: "
        + Html.mm(sideMm)
        + "; height: "
        + Html.mm(sideMm)
        + "\" src=\"data:image/png;base64,"
        + Base64.getEncoder().encodeToString(png(text))
        + "\"/>";
  }

  /** The letters' encoding is only said where it is needed: old readers do not know the mark. */
  private static Map<EncodeHintType, Object> hints(String text) {
    Map<EncodeHintType, Object> hints = new EnumMap<>(EncodeHintType.class);
    hints.put(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M);
    hints.put(EncodeHintType.MARGIN, QUIET_MODULES);
    if (text.chars().anyMatch(c -> c > ASCII_MOST)) {
      hints.put(EncodeHintType.CHARACTER_SET, "UTF-8");
    }
    return hints;
  }

  private static byte[] png(String text) {
    try {
      BitMatrix matrix = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, hints(text));
      int side = matrix.getWidth() * DOTS;
      BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_BINARY);
      for (int y = 0; y < side; y++) {
        for (int x = 0; x < side; x++) {
          image.setRGB(x, y, matrix.get(x / DOTS, y / DOTS) ? 0x000000 : 0xFFFFFF);
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(image, "png", bytes);
      return bytes.toByteArray();
    } catch (WriterException e) {
      throw new IllegalArgumentException("a code holds what a label says", e);
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
  }
}
