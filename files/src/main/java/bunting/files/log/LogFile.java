package bunting.files.log;

import bunting.core.log.LogEntry;
import bunting.core.log.ShowLog;
import bunting.files.BadInputException;
import bunting.files.FileRights;
import bunting.files.ShowFiles;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The log of a show, {@code NAME.log.jsonl} beside it.
 *
 * <p>An entry is appended in one write and forced to disk before its line is told; the file is
 * locked meanwhile, so that two who write at once follow each other. A half line that a crash left
 * is closed by the next entry's writer and kept: nothing is ever joined to it or taken away.
 */
public final class LogFile {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String ENDING = ".log.jsonl";
  private static final int BLOCK = 1 << 16;
  private static final long BYTES_MOST = 100_000_000;

  /** Ending of a log that is complete and waits for its show to be there. */
  private static final String STAGED = ".next";

  private final Path show;
  private final Path file;

  private LogFile(Path show, Path file) {
    this.show = show;
    this.file = file;
  }

  /** The log beside a show file or a run list. */
  public static LogFile beside(Path show) {
    String name = String.valueOf(show.getFileName());
    int dot = name.lastIndexOf('.');
    String bare =
        name.endsWith(ShowFiles.ENDING)
            ? name.substring(0, name.length() - ShowFiles.ENDING.length())
            : dot > 0 ? name.substring(0, dot) : name;
    return new LogFile(show, show.resolveSibling(bare + ENDING));
  }

  /**
   * The log that a season begins with, complete, before its show is there. Once the show is, the
   * first that reads or writes the log moves it into place: whatever was killed in between, show
   * and log are there together.
   */
  Path staged() {
    return file.resolveSibling(file.getFileName() + STAGED);
  }

  /** Takes away a log that was staged for a season which never began. */
  void forgetStaged() throws BadInputException {
    try {
      Files.deleteIfExists(staged());
    } catch (IOException e) {
      throw BadInputException.of(staged(), "it cannot be taken away; check the folder.");
    }
  }

  /** Moves a staged log into place where its show is there. */
  void settle() throws BadInputException {
    if (!Files.exists(staged()) || !Files.exists(show) || Files.exists(file)) {
      return;
    }
    try {
      Files.move(staged(), file, StandardCopyOption.ATOMIC_MOVE);
      forceFolder();
    } catch (NoSuchFileException e) {
      return; // somebody else was quicker
    } catch (IOException e) {
      throw BadInputException.of(
          staged(), "it cannot be moved to " + file.getFileName() + "; check the folder.");
    }
  }

  /** The file itself. */
  public Path path() {
    return file;
  }

  /**
   * What was appended.
   *
   * @param line of the entry, from 1
   * @param half the line that a crash had left half, where this is the first to find it; 0: none
   */
  public record Added(int line, int half) {}

  /** Appends an entry; it is on the disk when this returns. */
  public Added add(LogEntry entry) throws BadInputException {
    byte[] line = bytes(entry);
    settle();
    try {
      regular();
      boolean fresh = !Files.exists(file);
      Added added;
      try (FileChannel channel =
          FileChannel.open(
              file,
              Set.of(StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE),
              FileRights.like(show).atCreation())) {
        FileLock lock = channel.lock();
        try {
          added = append(channel, line);
        } finally {
          lock.release();
        }
      }
      if (fresh) {
        forceFolder();
      }
      return added;
    } catch (IOException e) {
      throw BadInputException.of(
          file, "the entry is not written: the log cannot be written here; check the folder.");
    }
  }

  private void regular() throws BadInputException {
    if (Files.exists(file) && !Files.isRegularFile(file)) {
      throw BadInputException.of(file, "the log should be a regular file; move this away.");
    }
    if (Files.isSymbolicLink(file) && !Files.exists(file)) {
      throw BadInputException.of(file, "the link leads nowhere; mend or remove it.");
    }
  }

  private static Added append(FileChannel channel, byte[] line) throws IOException {
    Ends ends = ends(channel);
    boolean half = ends.bytes() > 0 && ends.last() != '\n';
    ByteBuffer all = ByteBuffer.allocate(line.length + 1);
    if (half) {
      all.put((byte) '\n');
    }
    all.put(line).flip();
    channel.position(ends.bytes());
    while (all.hasRemaining()) {
      channel.write(all);
    }
    channel.force(true);
    int before = ends.newlines() + (half ? 1 : 0);
    return new Added(before + 1, half ? before : 0);
  }

  /** How a file ends. */
  private record Ends(long bytes, int newlines, byte last) {}

  private static Ends ends(FileChannel channel) throws IOException {
    ByteBuffer block = ByteBuffer.allocate(BLOCK);
    int newlines = 0;
    byte last = '\n';
    long at = 0;
    for (int n = channel.read(block, at); n > 0; n = channel.read(block, at)) {
      block.flip();
      while (block.hasRemaining()) {
        last = block.get();
        newlines += last == '\n' ? 1 : 0;
      }
      block.clear();
      at += n;
    }
    return new Ends(at, newlines, last);
  }

  /** An entry's line. */
  static byte[] bytes(LogEntry entry) {
    ObjectNode object = MAPPER.createObjectNode();
    LogFields.write(entry, object);
    try {
      return (MAPPER.writeValueAsString(object) + "\n").getBytes(StandardCharsets.UTF_8);
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
  }

  /** Not every system lets a folder be forced to disk; then the new file waits for the system. */
  private void forceFolder() {
    Path folder = file.toAbsolutePath().getParent();
    try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
      channel.force(true);
    } catch (IOException e) {
      return;
    }
  }

  /** All that was written; none yet is an empty log. */
  public ShowLog read() throws BadInputException {
    byte[] bytes;
    settle();
    try {
      if (Files.exists(file, LinkOption.NOFOLLOW_LINKS)) {
        regular();
      }
      if (Files.exists(file) && Files.size(file) > BYTES_MOST) {
        throw BadInputException.of(
            file,
            "it has over " + BYTES_MOST / 1_000_000 + " MB; begin a new one for this season.");
      }
      bytes = Files.readAllBytes(file);
    } catch (NoSuchFileException e) {
      return ShowLog.empty();
    } catch (IOException e) {
      throw BadInputException.of(file, "it cannot be read; check who may read it.");
    }
    return parse(bytes);
  }

  /** The log of a file's bytes. */
  public static ShowLog parse(byte[] bytes) {
    List<ShowLog.Line> lines = new ArrayList<>();
    List<Integer> broken = new ArrayList<>();
    int number = 0;
    int from = 0;
    while (from < bytes.length) {
      int to = from;
      while (to < bytes.length && bytes[to] != '\n') {
        to++;
      }
      number++;
      String text = new String(bytes, from, to - from, StandardCharsets.UTF_8);
      // Without its line end it may be half of something that only looks whole, such as a number.
      Optional<LogEntry> entry = to < bytes.length ? entry(text) : Optional.empty();
      int here = number;
      entry.ifPresentOrElse(e -> lines.add(new ShowLog.Line(here, e)), () -> broken.add(here));
      from = to + 1;
    }
    return new ShowLog(lines, broken);
  }

  private static Optional<LogEntry> entry(String line) {
    try {
      JsonNode node = MAPPER.readTree(line);
      return node != null && node.isObject() ? LogFields.read(node) : Optional.empty();
    } catch (JsonProcessingException e) {
      return Optional.empty();
    }
  }
}
