package bunting.core.log;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The log of a show.
 *
 * @param lines entries with their lines, in the order in which they were written
 * @param broken lines that a crash left half, and others that nobody can read
 */
public record ShowLog(List<Line> lines, List<Integer> broken) {
  /** An entry and its line in the file, from 1. */
  public record Line(int number, LogEntry entry) {}

  /**
   * A season.
   *
   * @param name as its entry has it, else its year
   * @param from its first day
   * @param entries from that entry to the next season's
   */
  public record Season(String name, LocalDate from, List<Line> entries) {
    public Season {
      entries = List.copyOf(entries);
    }

    /** Minutes of people. */
    public double peopleMinutes() {
      return minutes(false);
    }

    /** Minutes of lamps. */
    public double lampMinutes() {
      return minutes(true);
    }

    private double minutes(boolean lamps) {
      return entries.stream()
          .map(Line::entry)
          .filter(e -> e.kind() == LogKind.HOURS && e.ofLamps() == lamps)
          .mapToDouble(e -> e.minutes().orElse(0))
          .sum();
    }

    /** What was spent, in the show's currency. */
    public double cost() {
      return entries.stream().mapToDouble(l -> l.entry().cost().orElse(0)).sum();
    }

    /** How many entries are of a kind. */
    public long count(LogKind kind) {
      return entries.stream().filter(l -> l.entry().kind() == kind).count();
    }
  }

  public ShowLog {
    lines = List.copyOf(lines);
    broken = List.copyOf(broken);
  }

  /** Nothing was written yet. */
  public static ShowLog empty() {
    return new ShowLog(List.of(), List.of());
  }

  /** Seasons in their order; what was written before the first has a season of its own. */
  public List<Season> seasons() {
    List<Season> seasons = new ArrayList<>();
    List<Line> open = new ArrayList<>();
    for (Line line : lines) {
      if (line.entry().kind() == LogKind.SEASON && !open.isEmpty()) {
        seasons.add(season(open));
        open = new ArrayList<>();
      }
      open.add(line);
    }
    if (!open.isEmpty()) {
      seasons.add(season(open));
    }
    return seasons;
  }

  private static Season season(List<Line> entries) {
    LogEntry first = entries.getFirst().entry();
    LocalDate from =
        entries.stream().map(l -> l.entry().date()).min(Comparator.naturalOrder()).orElseThrow();
    String name =
        first.kind() == LogKind.SEASON
            ? first.text().orElse(Integer.toString(first.date().getYear()))
            : "before the first season";
    return new Season(name, from, entries);
  }

  /**
   * What lies on the shelf by part: what came, less what went and what repairs took (one where no
   * count was said).
   */
  public Map<String, Integer> stock() {
    Map<String, Integer> stock = new TreeMap<>();
    for (Line line : lines) {
      LogEntry e = line.entry();
      if (e.part().isPresent() && e.kind() == LogKind.PART) {
        stock.merge(e.part().get(), e.count().orElse(1), Integer::sum);
      } else if (e.part().isPresent() && e.kind() == LogKind.REPAIR) {
        stock.merge(e.part().get(), -Math.abs(e.count().orElse(1)), Integer::sum);
      }
    }
    return Collections.unmodifiableMap(stock);
  }

  /** So many of a part that came on a day and are still there. */
  public record Aged(String part, LocalDate since, int count) {
    /** Whole years until a day. */
    public long years(LocalDate day) {
      return ChronoUnit.YEARS.between(since, day);
    }
  }

  /**
   * How old supplies are: what came first is taken to have gone first. Their capacitors dry out, so
   * that an old one is the next to fail (common practice, no source).
   */
  public List<Aged> supplies() {
    Map<String, Deque<Aged>> shelves = new TreeMap<>();
    for (Line line : lines) {
      LogEntry e = line.entry();
      boolean part = e.kind() == LogKind.PART || e.kind() == LogKind.REPAIR;
      if (!part || e.part().filter(p -> p.startsWith("supply")).isEmpty()) {
        continue;
      }
      int n = e.kind() == LogKind.PART ? e.count().orElse(1) : -Math.abs(e.count().orElse(1));
      Deque<Aged> shelf = shelves.computeIfAbsent(e.part().get(), k -> new ArrayDeque<>());
      if (n > 0) {
        shelf.addLast(new Aged(e.part().get(), e.date(), n));
      }
      for (int left = -n; left > 0 && !shelf.isEmpty(); ) {
        Aged oldest = shelf.removeFirst();
        if (oldest.count() > left) {
          shelf.addFirst(new Aged(oldest.part(), oldest.since(), oldest.count() - left));
        }
        left -= Math.min(left, oldest.count());
      }
    }
    return shelves.values().stream().flatMap(Deque::stream).toList();
  }

  /** The last count of each run. */
  public Map<String, Integer> counts() {
    Map<String, Integer> counts = new TreeMap<>();
    for (Line line : lines) {
      LogEntry e = line.entry();
      boolean counted = e.kind() == LogKind.COUNT || e.kind() == LogKind.BUILT;
      if (counted && e.run().isPresent() && e.count().isPresent()) {
        counts.put(e.run().get(), e.count().getAsInt());
      }
    }
    return Collections.unmodifiableMap(counts);
  }

  /** Entries of some kinds, in their order. */
  public List<Line> of(LogKind kind) {
    return lines.stream().filter(l -> l.entry().kind() == kind).toList();
  }
}
