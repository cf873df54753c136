package bunting.files;

import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/**
 * What a file's bytes were, to tell whether somebody else changed it.
 *
 * @param sha256 of the bytes, as hexadecimal
 */
public record FileStamp(String sha256) {
  static FileStamp of(byte[] bytes) {
    try {
      return new FileStamp(
          HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  /** That of a file as it is now; empty where it cannot be read. */
  public static Optional<FileStamp> ofFile(Path file) {
    try {
      return Optional.of(of(TextFiles.bytes(file, TextFiles.BYTES_MAX)));
    } catch (BadInputException e) {
      return Optional.empty();
    }
  }

  /** Whether a file is there and holds other bytes. One that is gone was not changed. */
  public boolean isOtherIn(Path file) {
    return Files.exists(file) && !ofFile(file).equals(Optional.of(this));
  }
}
