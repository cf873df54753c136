package bunting.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;

/** ZIP archives that are the same bytes for the same content. */
public final class Archive {
  /**
   * Noon of the first day of the format. At its midnight the library would note the time of the
   * machine's own zone beside it.
   */
  private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 12, 0);

  private Archive() {}

  /** An archive of files by name, in their order. */
  public static byte[] of(Map<String, byte[]> files) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        ZipEntry entry = new ZipEntry(file.getKey());
        entry.setTimeLocal(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(file.getValue());
        zip.closeEntry();
      }
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    return bytes.toByteArray();
  }

  /** By the central directory: some writers leave the sizes out of the entries themselves. */
  public static Map<String, byte[]> read(byte[] archive) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipFile zip =
        ZipFile.builder().setSeekableByteChannel(new SeekableInMemoryByteChannel(archive)).get()) {
      for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
        files.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
      }
    } catch (IOException e) {
      throw new UncheckedIOException("an archive of our own can be read", e);
    }
    return files;
  }
}
