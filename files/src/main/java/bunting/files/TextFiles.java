package bunting.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Whole files in, whole files out. */
public final class TextFiles {
  private TextFiles() {}

  /** The file's UTF-8 text without a byte-order mark. */
  public static String read(Path file) throws BadInputException {
    if (Files.isDirectory(file)) {
      throw BadInputException.of(file, "this is a folder; give the name of a file.");
    }
    byte[] bytes;
    try {
      bytes = Files.readAllBytes(file);
    } catch (NoSuchFileException e) {
      throw BadInputException.of(file, "there is no such file; check its name.");
    } catch (AccessDeniedException e) {
      throw BadInputException.of(file, "it may not be read; give yourself the right to read it.");
    } catch (IOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
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

  /** Writes the file whole, or leaves what was there as it was. */
  public static void write(Path file, byte[] content) throws BadInputException {
    Path target = file.toAbsolutePath();
    Path folder = target.getParent();
    if (folder == null || Files.isDirectory(target)) {
      throw BadInputException.of(file, "this is a folder; give the name of a file to write.");
    }
    if (!Files.isDirectory(folder)) {
      throw BadInputException.of(file, "its folder is not there; make the folder first.");
    }
    Path draft = null;
    try {
      draft = Files.createTempFile(folder, ".bunting", ".part");
      Files.write(draft, content);
      move(draft, target);
    } catch (IOException e) {
      discard(draft);
      throw BadInputException.of(
          file, "it cannot be written; choose a folder that you may write to.");
    }
  }

  private static void move(Path draft, Path target) throws IOException {
    if (draft.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Files.setPosixFilePermissions(
          draft, java.nio.file.attribute.PosixFilePermissions.fromString("rw-r--r--"));
    }
    try {
      Files.move(
          draft, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(draft, target, StandardCopyOption.REPLACE_EXISTING);
    }
  }

  private static void discard(@org.jspecify.annotations.Nullable Path draft) {
    if (draft != null) {
      try {
        Files.deleteIfExists(draft);
      } catch (IOException e) {
        // The folder went away under us: then the draft is gone too.
        draft.toFile().deleteOnExit();
      }
    }
  }
}
