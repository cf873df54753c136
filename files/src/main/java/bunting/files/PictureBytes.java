package bunting.files;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Iterator;
import java.util.Optional;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.MemoryCacheImageInputStream;

/** What the bytes of a photo tell without drawing it: its size, and whether they are all there. */
final class PictureBytes {
  private static final int SIGNATURE = 8;
  private static final int CHUNK_FRAME = 12;
  private static final int END_OF_PNG = 0x49454E44;

  /** How far from the end a JPEG's end mark may stand: cameras put previews and notes behind it. */
  private static final int JPEG_TAIL = 1 << 20;

  private PictureBytes() {}

  /** Width and height in pixels. */
  record Size(int width, int height) {
    long pixels() {
      return (long) width * height;
    }
  }

  /** Whether every chunk is there with its checksum, to the last (ISO/IEC 15948, 5.3 and 5.4). */
  static boolean isWholePng(byte[] bytes) {
    ByteBuffer in = ByteBuffer.wrap(bytes);
    int at = SIGNATURE;
    while (at + CHUNK_FRAME <= bytes.length) {
      long length = in.getInt(at) & 0xFFFF_FFFFL;
      int kind = in.getInt(at + 4);
      if (at + CHUNK_FRAME + length > bytes.length) {
        return false;
      }
      CRC32 crc = new CRC32();
      crc.update(bytes, at + 4, 4 + (int) length);
      if ((int) crc.getValue() != in.getInt(at + 8 + (int) length)) {
        return false;
      }
      if (kind == END_OF_PNG) {
        return true;
      }
      at += CHUNK_FRAME + (int) length;
    }
    return false;
  }

  /** Whether the end mark is there (ISO/IEC 10918-1, B.1.1.3). */
  static boolean isWholeJpeg(byte[] bytes) {
    for (int i = bytes.length - 2; i >= Math.max(0, bytes.length - JPEG_TAIL); i--) {
      if ((bytes[i] & 0xFF) == 0xFF && (bytes[i + 1] & 0xFF) == 0xD9) {
        return true;
      }
    }
    return false;
  }

  /** The size by the picture's head; empty where that is damaged. Needs no temporary file. */
  static Optional<Size> size(byte[] bytes) {
    try (MemoryCacheImageInputStream in =
        new MemoryCacheImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (readers.hasNext()) {
        ImageReader reader = readers.next();
        reader.setInput(in, true, true);
        return Optional.of(new Size(reader.getWidth(0), reader.getHeight(0)));
      }
    } catch (IOException | RuntimeException e) {
      return Optional.empty();
    }
    return Optional.empty();
  }
}
