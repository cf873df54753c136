package bunting.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Whole files in: regular ones, up to a size, so that no input is waited for without end. */
public final class TextFiles {
  /** Most bytes of a list or a show: room for a picture of 40 MB, written as text. */
  static final int BYTES_MAX = 100_000_000;

  private TextFiles() {}

  /** The file's UTF-8 text without a byte-order mark. */
  public static String read(Path file) throws BadInputException {
    return text(file, bytes(file, BYTES_MAX));
  }

  /**
   * The file's bytes.
   *
   * @param most how many it may have
   */
  static byte[] bytes(Path file, int most) throws BadInputException {
    if (Files.isDirectory(file)) {
      throw BadInputException.of(file, "this is a folder; give the name of a file.");
    }
    if (Files.exists(file) && !Files.isRegularFile(file)) {
      throw BadInputException.of(
          file, "this is no regular file but a device, a pipe or the like; give a file.");
    }
    try (InputStream in = Files.newInputStream(file)) {
      byte[] bytes = in.readNBytes(most + 1);
      if (bytes.length > most) {
        throw BadInputException.of(
            file, "it has over " + most / 1_000_000 + " MB; give a smaller file.");
      }
      return bytes;
    } catch (NoSuchFileException e) {
      throw BadInputException.of(file, "there is no such file; check its name.");
    } catch (AccessDeniedException e) {
      throw BadInputException.of(file, "it may not be read; give yourself the right to read it.");
    } catch (IOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
  }

  /** UTF-8 text without a byte-order mark. */
  static String text(Path file, byte[] bytes) throws BadInputException {
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return text.startsWith("\uFEFF") ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      throw BadInputException.of(
          file, "line " + lineOfBadByte(bytes) + " is not UTF-8 text; save the file as UTF-8.");
    }
  }

  private static long lineOfBadByte(byte[] bytes) {
    var decoder = StandardCharsets.UTF_8.newDecoder();
    ByteBuffer in = ByteBuffer.wrap(bytes);
    decoder.decode(in, java.nio.CharBuffer.allocate(bytes.length + 1), true);
    long line = 1;
    for (int i = 0; i < in.position(); i++) {
      line += bytes[i] == '\n' ? 1 : 0;
    }
    return line;
  }
}
