package bunting.desktop.session;

import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.FileRights;
import bunting.files.ShowFiles;
import bunting.files.WholeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What would be lost if the machine went off now: the show, whenever it differs from its file, in a
 * recovery file of this process; every so many edits and whenever {@link #tick} is called. It is
 * gone when the show is saved or left on purpose. Files of processes that are gone are what a crash
 * left, and are offered.
 *
 * <p>All methods are called on the interface thread; writing is done beside it.
 */
public final class Recovery {
  /** A recovery file is written with each such edit. */
  private static final int EDITS = 10;

  /** Process, and when it began: numbers of processes come again. */
  private static final Pattern NAME =
      Pattern.compile("(\\d{1,18})-(\\d{1,18})" + Pattern.quote(ShowFiles.ENDING));

  private final Path folder;
  private final Document document;
  private final Background background;
  private final Background.Lane lane;
  private Optional<Show> written = Optional.empty();
  private Optional<Show> writing = Optional.empty();
  private Optional<Lost> adopted = Optional.empty();
  private volatile boolean left;
  private int edits;

  /**
   * What a crash left.
   *
   * @param file the recovery file
   * @param show what is in it
   * @param own the file that it would have become; empty: it had none yet
   * @param when it was written
   */
  public record Lost(Path file, Show show, Optional<Path> own, Instant when) {}

  /**
   * @param folder for recovery files; made when the first is written
   */
  public Recovery(Path folder, Document document, Background background) {
    this.folder = folder;
    this.document = document;
    this.background = background;
    this.lane = background.lane();
    document.show().addListener(o -> edited());
    document
        .changed()
        .addListener(
            o -> {
              if (!document.changed().get()) {
                clear();
              }
            });
  }

  private void edited() {
    if (!document.changed().get()) {
      clear();
    } else if (++edits % EDITS == 0) {
      tick();
    }
  }

  /** Writes the show as it is now, if it differs from its file and from what was written last. */
  public void tick() {
    Optional<Show> now = document.show().get();
    boolean due = document.changed().get() && !now.equals(written) && !now.equals(writing);
    if (!due || now.isEmpty()) {
      return;
    }
    Show show = now.get();
    Optional<Path> own = document.file().get();
    writing = now;
    lane.submit(
        "keeping what is not saved",
        job -> keep(show, own),
        problem -> {
          writing = Optional.empty();
          if (problem.isEmpty()) {
            written = Optional.of(show);
            adopted.ifPresent(old -> remove(old.file()));
            adopted = Optional.empty();
          }
          takeBackIfSaved();
        },
        why -> writing = Optional.empty());
  }

  /** The show may have been saved while it was being written here. */
  private void takeBackIfSaved() {
    if (!document.changed().get()) {
      clear();
    }
  }

  private Optional<String> keep(Show show, Optional<Path> own) {
    try {
      FileRights.makePrivate(folder);
      ShowFiles.writeRecovery(mine(), show, own);
      if (left) {
        remove(mine());
      }
      return Optional.empty();
    } catch (IOException | BadInputException e) {
      // A full disk or a folder that may not be written: the user's own file is what counts.
      return Optional.of(String.valueOf(e.getMessage()));
    }
  }

  private Path mine() {
    ProcessHandle me = ProcessHandle.current();
    long began = me.info().startInstant().map(Instant::toEpochMilli).orElse(0L);
    return folder.resolve(me.pid() + "-" + began + ShowFiles.ENDING);
  }

  /** The show is in its file, or was left on purpose. */
  public void clear() {
    edits = 0;
    written = Optional.empty();
    if (Files.exists(mine())) {
      remove(mine());
    }
  }

  /** The window closes, and the user said that this show may be left. */
  public void leave() {
    left = true;
    lane.abandon();
    clear();
  }

  private static void remove(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      // It is offered next time then, which is better than losing a word about a full disk.
      file.toFile().deleteOnExit();
    }
  }

  /** Looks beside the interface for what a crash left, and tells what there is. */
  public void seek(Consumer<List<Lost>> found) {
    background.run("looking for what was not saved", job -> lost(), found, why -> {});
  }

  /** What processes that are gone left, the newest first; what cannot be read is left alone. */
  List<Lost> lost() {
    List<Lost> lost = new ArrayList<>();
    if (!Files.isDirectory(folder)) {
      return lost;
    }
    WholeFile.sweep(folder.resolve("any"));
    try (Stream<Path> all = Files.list(folder)) {
      for (Path file : all.sorted().toList()) {
        Matcher m = NAME.matcher(String.valueOf(file.getFileName()));
        if (m.matches() && isGone(Long.parseLong(m.group(1)), Long.parseLong(m.group(2)))) {
          read(file).ifPresent(lost::add);
        }
      }
    } catch (IOException e) {
      return lost;
    }
    lost.sort(Comparator.comparing(Lost::when).reversed());
    return lost;
  }

  private static boolean isGone(long process, long began) {
    return ProcessHandle.of(process)
        .filter(ProcessHandle::isAlive)
        .filter(p -> p.info().startInstant().map(Instant::toEpochMilli).orElse(began).equals(began))
        .isEmpty();
  }

  private static Optional<Lost> read(Path file) {
    try {
      return Optional.of(
          new Lost(
              file,
              ShowFiles.readShow(file),
              ShowFiles.recoveryOf(file),
              Files.getLastModifiedTime(file).toInstant()));
    } catch (BadInputException | IOException e) {
      return Optional.empty();
    }
  }

  /** Goes on with what was lost: it counts as changed until it is saved. */
  public void open(Lost lost) {
    // Once this process has kept it anew, the old file has done its work.
    adopted = Optional.of(lost);
    document.recover(lost.show(), lost.own());
    tick();
  }

  /** Forgets what was lost. */
  public void forget(Lost lost) {
    remove(lost.file());
  }
}
