package bunting.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Files written whole or not at all: beside their place, forced to disk, read back and compared,
 * then moved into place in one step. What was there stays until then; its mode is kept, a link is
 * followed, and what is no regular file, or may not be written, or is being read, is left alone.
 *
 * <p>A process that is killed while it writes leaves its draft behind; {@link #sweep} takes away
 * those of processes of this machine that are gone.
 */
public final class WholeFile {
  private static final AtomicLong NUMBER = new AtomicLong();
  private static final Pattern DRAFT =
      Pattern.compile("\\.bunting-([0-9a-f]{8})-(\\d{1,19})-\\d{1,19}\\.part");

  private WholeFile() {}

  /**
   * Writes a file.
   *
   * @param inputs files that are read for it: none of them may be what is written
   */
  public static void write(Path file, byte[] content, Path... inputs) throws BadInputException {
    write(file, content, false, Optional.empty(), List.of(inputs));
  }

  /** Writes a file with these rights, whatever was there before had. */
  public static void write(Path file, byte[] content, FileRights rights, Path... inputs)
      throws BadInputException {
    write(file, content, false, Optional.of(rights), List.of(inputs));
  }

  /** The same, with what was there before kept as {@code NAME.bak}. */
  static void writeWithBackup(Path file, byte[] content, List<Path> inputs)
      throws BadInputException {
    write(file, content, true, Optional.empty(), inputs);
  }

  private static void write(
      Path file, byte[] content, boolean backup, Optional<FileRights> given, List<Path> inputs)
      throws BadInputException {
    Path target = target(file, inputs);
    sweep(target);
    Path draft = draft(target);
    try {
      FileRights rights = given.isPresent() ? given.get() : FileRights.of(target);
      write(draft, content, rights);
      rights.applyTo(draft);
      if (!Arrays.equals(Files.readAllBytes(draft), content)) {
        throw new IOException("what was written is not what was to be written");
      }
      if (backup && Files.exists(target)) {
        backUp(target);
      }
      move(draft, target);
      forceFolder(target);
    } catch (IOException e) {
      discard(draft);
      throw BadInputException.of(file, why(e));
    }
  }

  /** Where a name really leads, if that may be written. */
  private static Path target(Path file, List<Path> inputs) throws BadInputException {
    Path target = file.toAbsolutePath();
    try {
      // A link may lead to a link; a ring of them ends in an exception or after so many steps.
      for (int i = 0; i < 40 && Files.isSymbolicLink(target); i++) {
        target = target.resolveSibling(Files.readSymbolicLink(target)).normalize();
      }
      for (Path input : inputs) {
        if (Files.exists(target) && Files.exists(input) && Files.isSameFile(target, input)) {
          throw BadInputException.of(
              file, "this file is read for what is to be written; give another name to write.");
        }
      }
    } catch (IOException e) {
      throw BadInputException.of(file, "this link leads nowhere; give the name of a file.");
    }
    Path folder = target.getParent();
    if (folder == null || Files.isDirectory(target)) {
      throw BadInputException.of(file, "this is a folder; give the name of a file to write.");
    }
    if (!Files.isDirectory(folder)) {
      throw BadInputException.of(file, "its folder is not there; make the folder first.");
    }
    if (Files.exists(target, LinkOption.NOFOLLOW_LINKS) && !Files.isRegularFile(target)) {
      throw BadInputException.of(
          file, "this is no regular file but a device, a pipe or the like; give another name.");
    }
    if (Files.exists(target) && (!Files.isWritable(target) || isReadOnly(target))) {
      throw BadInputException.of(
          file, "this file may not be changed; give another name, or make it writable.");
    }
    return target;
  }

  /** The system's master may write everything; a file whose mode says no is left alone still. */
  private static boolean isReadOnly(Path file) {
    try {
      Set<PosixFilePermission> mode = Files.getPosixFilePermissions(file);
      return !mode.contains(PosixFilePermission.OWNER_WRITE)
          && !mode.contains(PosixFilePermission.GROUP_WRITE)
          && !mode.contains(PosixFilePermission.OTHERS_WRITE);
    } catch (UnsupportedOperationException | IOException e) {
      return false;
    }
  }

  /** A name beside a file that tells whose draft it is. */
  static Path draft(Path target) {
    return target.resolveSibling(
        ".bunting-"
            + machine()
            + "-"
            + ProcessHandle.current().pid()
            + "-"
            + NUMBER.incrementAndGet()
            + ".part");
  }

  /** Folders are shared between machines, process numbers are not. */
  private static String machine() {
    String name = "";
    try {
      Path kernel = Path.of("/proc/sys/kernel/hostname");
      name = Files.isReadable(kernel) ? Files.readString(kernel) : "";
    } catch (IOException e) {
      name = "";
    }
    String other = Optional.ofNullable(System.getenv("COMPUTERNAME")).orElse("");
    return String.format(Locale.ROOT, "%08x", (name + other).hashCode());
  }

  private static void write(Path draft, byte[] content, FileRights rights) throws IOException {
    try (FileChannel out =
        FileChannel.open(
            draft,
            Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE),
            rights.atCreation())) {
      ByteBuffer bytes = ByteBuffer.wrap(content);
      while (bytes.hasRemaining()) {
        out.write(bytes);
      }
      out.force(true);
    }
  }

  /** What was there under another name as well, in one step; it is never gone in between. */
  private static void backUp(Path target) throws IOException {
    Path held = draft(target);
    try {
      Files.createLink(held, target);
    } catch (UnsupportedOperationException | IOException e) {
      Files.copy(target, held, StandardCopyOption.COPY_ATTRIBUTES);
    }
    move(held, target.resolveSibling(target.getFileName() + ".bak"));
    // Both were one file before: then the move did nothing, and the second name is still there.
    Files.deleteIfExists(held);
  }

  private static void move(Path draft, Path target) throws IOException {
    try {
      Files.move(
          draft, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(draft, target, StandardCopyOption.REPLACE_EXISTING);
    }
  }

  /** Not every system lets a folder be forced to disk; then the move waits for the system. */
  private static void forceFolder(Path target) {
    Path folder = target.getParent();
    if (folder == null) {
      return;
    }
    try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
      channel.force(true);
    } catch (IOException e) {
      return;
    }
  }

  private static String why(IOException e) {
    String reason =
        e instanceof FileSystemException f && f.getReason() != null
            ? f.getReason()
            : String.valueOf(e.getMessage());
    if (reason.toLowerCase(Locale.ROOT).contains("space left")
        || reason.toLowerCase(Locale.ROOT).contains("quota")) {
      return "there is no room left on the disk; make room, or choose another place.";
    }
    return e instanceof AccessDeniedException
        ? "it cannot be written; choose a folder that you may write to."
        : "it cannot be written whole ("
            + e.getClass().getSimpleName()
            + "); choose another place.";
  }

  private static void discard(Path draft) {
    try {
      Files.deleteIfExists(draft);
    } catch (IOException e) {
      // The folder went away under us: then the draft is gone too.
      draft.toFile().deleteOnExit();
    }
  }

  /** Takes drafts away that processes of this machine, which are gone, left beside a file. */
  public static void sweep(Path file) {
    Path folder = file.toAbsolutePath().getParent();
    if (folder == null || !Files.isDirectory(folder)) {
      return;
    }
    String here = machine();
    try (Stream<Path> all = Files.list(folder)) {
      for (Path path : (Iterable<Path>) all::iterator) {
        Matcher m = DRAFT.matcher(String.valueOf(path.getFileName()));
        if (m.matches() && m.group(1).equals(here) && isGone(Long.parseLong(m.group(2)))) {
          Files.deleteIfExists(path);
        }
      }
    } catch (IOException | java.io.UncheckedIOException e) {
      // A folder that cannot be listed or cleaned is no reason not to read or write a file in it.
      return;
    }
  }

  private static boolean isGone(long process) {
    return ProcessHandle.of(process).filter(ProcessHandle::isAlive).isEmpty();
  }
}
