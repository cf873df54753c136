package bunting.desktop.sheets;

import bunting.core.show.Show;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.SheetImport;
import bunting.files.SheetMemory;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyBooleanProperty;

/** A list on its way in: read and understood beside the interface, the newest wish alone. */
final class ImportModel {
  private final Session session;
  private final Newest working;
  private final SheetMemory memory;
  private Runnable changed = () -> {};
  private Optional<Look> look = Optional.empty();
  private Optional<SheetImport> wanted = Optional.empty();

  /**
   * A list and what comes of it.
   *
   * @param rows that hold something, also those above the headings, from 0
   * @param preview what each row below the headings becomes
   * @param lines the same by its place in the sheet
   * @param recalled whether it is understood as somebody said of one before
   */
  record Look(
      SheetImport sheet,
      List<Integer> rows,
      List<SheetImport.Row> preview,
      Map<Integer, SheetImport.Row> lines,
      List<String> told,
      boolean recalled) {
    /** How many rows become lights. */
    long sound() {
      return lines.values().stream().filter(r -> !r.lights().isEmpty()).count();
    }

    /** How many rows are wrong. */
    long wrong() {
      return lines.values().stream().filter(r -> !r.sound()).count();
    }

    /** How many lights they become. */
    long lights() {
      return lines.values().stream().mapToLong(r -> r.lights().size()).sum();
    }
  }

  /** A look, or the sentence why there is none. */
  private record Answer(Optional<Look> look, String problem) {}

  ImportModel(Session session, SheetMemory memory) {
    this.session = session;
    this.working = new Newest(session.background());
    this.memory = memory;
  }

  /** Told when there is something else to be seen. */
  void onChange(Runnable listener) {
    changed = listener;
  }

  /** Whether a list is being read. */
  ReadOnlyBooleanProperty busy() {
    return working.busy();
  }

  /** Reads no further. */
  void stop() {
    working.stop();
    wanted = look.map(Look::sheet);
    changed.run();
  }

  /** What is understood so far. */
  Optional<Look> look() {
    return look;
  }

  /** Reads a file; what its like was said to be, it is taken for. */
  void read(Path file, Runnable opened) {
    Show show = session.show().orElse(Show.fresh());
    ask(
        stop -> {
          SheetImport bare = SheetImport.read(file, show);
          boolean known = memory.knows(bare);
          return look(known ? memory.recall(bare) : bare, known, stop);
        },
        opened);
  }

  /** Another wish about the list. */
  void change(UnaryOperator<SheetImport> wish) {
    SheetImport now = wanted.or(() -> look.map(Look::sheet)).orElseThrow();
    SheetImport next = wish.apply(now);
    wanted = Optional.of(next);
    ask(stop -> look(next, false, stop), () -> {});
  }

  /** Keeps what was said of this list for the next one with its headings. */
  void remember() {
    look.ifPresent(
        l ->
            session
                .background()
                .run(
                    "remembering what a list means",
                    job -> {
                      memory.remember(l.sheet());
                      return true;
                    },
                    done -> {},
                    why -> {}));
  }

  /** Work that may find that a file is none. */
  private interface Reading {
    Look of(java.util.function.BooleanSupplier stop) throws BadInputException;
  }

  private void ask(Reading reading, Runnable opened) {
    Function<bunting.desktop.session.Background.Job, Answer> work =
        job -> {
          try {
            return new Answer(Optional.of(reading.of(job::stopped)), "");
          } catch (BadInputException e) {
            return new Answer(Optional.empty(), String.valueOf(e.getMessage()));
          }
        };
    working.ask(
        "reading a list",
        work,
        answer -> {
          if (answer.look().isEmpty()) {
            session.say(answer.problem());
            return;
          }
          look = answer.look();
          wanted = look.map(Look::sheet);
          changed.run();
          opened.run();
        },
        session::say);
    changed.run();
  }

  private static Look look(
      SheetImport sheet, boolean recalled, java.util.function.BooleanSupplier stop) {
    List<SheetImport.Row> preview = sheet.preview(stop);
    List<Integer> rows =
        IntStream.range(0, sheet.sheet().grid().rows().size())
            .filter(r -> !sheet.sheet().grid().blank(r))
            .boxed()
            .toList();
    Map<Integer, SheetImport.Row> lines =
        preview.stream().collect(Collectors.toMap(SheetImport.Row::index, r -> r));
    return new Look(sheet, rows, preview, lines, sheet.guessed(preview), recalled);
  }
}
