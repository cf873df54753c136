package bunting.files.papers;

import bunting.core.log.ShowLog;
import bunting.core.plan.Assessment;
import bunting.files.BadInputException;
import bunting.files.WholeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** The paperwork of a plan: which papers there are, how one looks, and all of them in a folder. */
public final class Papers {
  /** A paper as people choose it. */
  public record Title(String id, String title, String use, boolean prints) {}

  /** How far a printing is: so many papers of all are made. */
  @FunctionalInterface
  public interface Watch {
    /**
     * Told before each paper, also from several threads; false stops the printing, and nothing is
     * written.
     */
    boolean goOn(String title, int done, int all);
  }

  private Papers() {}

  /** The papers that there are, in their order. */
  public static List<Title> titles() {
    return PaperList.ALL.stream()
        .map(p -> new Title(p.id(), p.title(), p.use(), p.page().isPresent()))
        .toList();
  }

  /** The papers' ids, in their order. */
  public static Set<String> ids() {
    return PaperList.ALL.stream()
        .map(Paper::id)
        .collect(Collectors.toCollection(java.util.LinkedHashSet::new));
  }

  /**
   * A paper as it prints.
   *
   * @param id of a paper that prints
   * @throws IllegalArgumentException for another
   */
  public static Preview preview(Assessment plan, String id, Order order) {
    Paper paper =
        PaperList.ALL.stream()
            .filter(p -> p.id().equals(id) && p.page().isPresent())
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException(id));
    Print print =
        new Print(plan.reading().show().settings().name(), 1, order.date(), order.size(), Map.of());
    return new Preview(Pdf.of(paper.page(order.sources(plan), print).orElseThrow()).bytes());
  }

  /**
   * What is to be printed.
   *
   * @param ids which papers; none: all
   * @param date that stands on them
   * @param log what is known from earlier, and what lies on the shelf
   */
  public record Order(Set<String> ids, PageSize size, LocalDate date, ShowLog log) {
    public Order {
      ids = Set.copyOf(ids);
    }

    /** With nothing known from earlier. */
    public Order(Set<String> ids, PageSize size, LocalDate date) {
      this(ids, size, date, ShowLog.empty());
    }

    /** All papers, A4. */
    public static Order all(LocalDate date) {
      return new Order(Set.of(), PageSize.A4, date);
    }

    private Sources sources(Assessment plan) {
      return new Sources(plan, log, date);
    }

    /** Whether a paper is wanted; no ids: all are. */
    boolean wants(String id) {
      return ids.isEmpty() || ids.contains(id);
    }
  }

  /**
   * Writes papers and their {@code index.json} into a folder, which is made if it is not there.
   * What lies there from the last printing tells what has changed.
   *
   * @param inputs files that were read for it: none of them may be what is written
   * @return the files, the index last; none where it was stopped
   */
  public static List<Path> write(
      Assessment plan, Path folder, Order order, Watch watch, Path... inputs)
      throws BadInputException {
    Sources from = order.sources(plan);
    Predicate<Paper> wanted =
        p ->
            order.wants(p.id())
                && (!p.id().equals("plain-lights")
                    || order.ids().contains(p.id())
                    || !from.show().others().isEmpty());
    List<Paper> papers = PaperList.ALL.stream().filter(wanted).toList();
    LastPrint last = LastPrint.read(folder);
    Map<String, Table> tables = new LinkedHashMap<>();
    for (Paper p : papers) {
      p.table().ifPresent(t -> tables.put(p.id(), t.apply(from)));
    }
    Print print = last.next(plan.reading().show().settings().name(), order, tables);
    AtomicInteger done = new AtomicInteger();
    AtomicBoolean stopped = new AtomicBoolean();
    // Sheets are set side by side; they stand in the index in their own order all the same.
    List<List<Made>> made =
        papers.parallelStream()
            .map(
                p -> {
                  boolean goes = !stopped.get() && watch.goOn(p.title(), done.get(), papers.size());
                  stopped.compareAndSet(false, !goes);
                  List<Made> files =
                      goes
                          ? make(p, from, print, Optional.ofNullable(tables.get(p.id())))
                          : List.<Made>of();
                  done.incrementAndGet();
                  return files;
                })
            .toList();
    if (stopped.get()) {
      return List.of();
    }
    Index index = new Index(print);
    Map<String, byte[]> files = new LinkedHashMap<>();
    made.stream()
        .flatMap(List::stream)
        .forEach(
            m -> files.put(index.add(m.paper(), m.name(), m.format(), m.pages()), m.bytes().get()));
    files.put(Index.FILE, index.bytes());
    return write(folder, files, inputs);
  }

  /** The same with nobody who stops it. */
  public static List<Path> write(Assessment plan, Path folder, Order order, Path... inputs)
      throws BadInputException {
    return write(plan, folder, order, (title, done, all) -> true, inputs);
  }

  /** A file of a paper, ready to be written. */
  private record Made(Paper paper, String name, String format, int pages, Supplier<byte[]> bytes) {}

  private static List<Made> make(Paper paper, Sources from, Print print, Optional<Table> table) {
    List<Made> files = new ArrayList<>();
    paper
        .page(from, print)
        .map(Pdf::of)
        .ifPresent(pdf -> files.add(new Made(paper, paper.id(), "pdf", pdf.pages(), pdf::bytes)));
    table.ifPresent(t -> files.add(ready(paper, paper.id(), "csv", 0, t.csv())));
    Map<String, Table> book = paper.book().apply(from);
    if (!book.isEmpty()) {
      files.add(ready(paper, paper.id(), "xlsx", 0, Books.of(book)));
    }
    for (Paper.Extra e : paper.extras().apply(from, print)) {
      int pages = e.format().equals("svg") ? 1 : 0;
      files.add(ready(paper, e.name(), e.format(), pages, e.bytes().get()));
    }
    return files;
  }

  private static Made ready(Paper paper, String name, String format, int pages, byte[] bytes) {
    return new Made(paper, name, format, pages, () -> bytes);
  }

  private static List<Path> write(Path folder, Map<String, byte[]> files, Path... inputs)
      throws BadInputException {
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw BadInputException.of(
          folder, "this folder cannot be made; choose one that you may write to.");
    }
    List<Path> written = new ArrayList<>();
    for (Map.Entry<String, byte[]> paper : files.entrySet()) {
      Path file = folder.resolve(paper.getKey());
      WholeFile.write(file, paper.getValue(), inputs);
      written.add(file);
    }
    return written;
  }
}
