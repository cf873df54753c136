package bunting.core.show;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What was done at the bench: things ticked off, and what a meter read. Nothing is planned from it.
 *
 * @param ticked ids of the check before the ladder, sorted
 * @param supplyVolts what the meter reads at the supplies while one measures, by their nominal
 *     volts; those that are not named hold what the show trims them to
 * @param amps what a clamp read, likewise
 * @param readings in the order in which they were typed in; one for each place and setting
 */
public record BenchNotes(
    List<String> ticked, Map<Double, Double> supplyVolts, List<Reading> readings, List<Amps> amps) {
  /** Nothing yet. */
  public static final BenchNotes NONE = new BenchNotes(List.of(), Map.of(), List.of(), List.of());

  public BenchNotes {
    ticked = List.copyOf(new TreeSet<>(ticked));
    supplyVolts = Collections.unmodifiableMap(new TreeMap<>(supplyVolts));
    readings = List.copyOf(readings);
    amps = List.copyOf(amps);
  }

  /**
   * What a meter read.
   *
   * @param pixel in the run's numbering
   * @param pattern name of what was sent
   * @param brightnessPercent of it
   */
  public record Reading(
      String run, int pixel, double volts, String pattern, double brightnessPercent) {
    private boolean sameAs(Reading other) {
      return run.equals(other.run)
          && pixel == other.pixel
          && pattern.equals(other.pattern)
          && brightnessPercent == other.brightnessPercent;
    }

    private Reading renamed(String from, String to) {
      return run.equals(from) ? new Reading(to, pixel, volts, pattern, brightnessPercent) : this;
    }
  }

  /**
   * What a clamp read.
   *
   * @param kind of the place: {@code feed}, {@code port}, {@code supply} or {@code circuit}
   * @param id of the feed, supply or circuit; of a port {@code C1:3}
   * @param pattern name of what was sent
   * @param brightnessPercent of it
   */
  public record Amps(
      String kind, String id, double amps, String pattern, double brightnessPercent) {
    private boolean sameAs(Amps other) {
      return kind.equals(other.kind)
          && id.equals(other.id)
          && pattern.equals(other.pattern)
          && brightnessPercent == other.brightnessPercent;
    }
  }

  /** The same with amps read; others of the same place and setting go. */
  public BenchNotes read(Amps reading) {
    List<Amps> next = new ArrayList<>(without(reading).amps);
    next.add(reading);
    return new BenchNotes(ticked, supplyVolts, readings, next);
  }

  /** The same without the amps of a place and setting. */
  public BenchNotes without(Amps reading) {
    return new BenchNotes(
        ticked, supplyVolts, readings, amps.stream().filter(a -> !reading.sameAs(a)).toList());
  }

  /** The same with a box under another name. */
  public BenchNotes boxRenamed(String from, String to) {
    return new BenchNotes(
        ticked,
        supplyVolts,
        readings,
        amps.stream()
            .map(
                a ->
                    a.kind.equals("port") && a.id.startsWith(from + ":")
                        ? new Amps(
                            a.kind,
                            to + a.id.substring(from.length()),
                            a.amps,
                            a.pattern,
                            a.brightnessPercent)
                        : a)
            .toList());
  }

  /** The same with something ticked, or no more. */
  public BenchNotes tick(String id, boolean on) {
    List<String> next = new ArrayList<>(ticked);
    next.remove(id);
    if (on) {
      next.add(id);
    }
    return new BenchNotes(next, supplyVolts, readings, amps);
  }

  /** The same with a reading; another of the same place and setting goes. */
  public BenchNotes read(Reading reading) {
    List<Reading> next = new ArrayList<>(readings);
    next.removeIf(reading::sameAs);
    next.add(reading);
    return new BenchNotes(ticked, supplyVolts, next, amps);
  }

  /** The same without the reading of a place and setting. */
  public BenchNotes without(Reading reading) {
    return withReadings(readings.stream().filter(r -> !reading.sameAs(r)).toList());
  }

  /** The same with what supplies hold; empty: nobody measured it. */
  public BenchNotes withSupplyVolts(double nominal, Optional<Double> volts) {
    Map<Double, Double> next = new TreeMap<>(supplyVolts);
    next.remove(nominal);
    volts.ifPresent(v -> next.put(nominal, v));
    return new BenchNotes(ticked, next, readings, amps);
  }

  /** The same with other readings. */
  public BenchNotes withReadings(List<Reading> other) {
    return new BenchNotes(ticked, supplyVolts, other, amps);
  }

  /** The same with a run under another name; what was ticked of it stays ticked. */
  public BenchNotes renamed(String from, String to) {
    return new BenchNotes(
        ticked.stream().map(t -> t.equals("count " + from) ? "count " + to : t).toList(),
        supplyVolts,
        readings.stream().map(r -> r.renamed(from, to)).toList(),
        amps);
  }
}
