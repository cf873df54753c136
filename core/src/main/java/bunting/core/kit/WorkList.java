package bunting.core.kit;

import bunting.core.assess.Reading;
import bunting.core.log.Drift;
import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Done;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The order in which a plan goes up: mains before boxes, boxes before what hangs on them; at each
 * place all that is to be done there in one climb, places side by side one after the other.
 *
 * <p>A step comes after all that it needs. A place is a stretch of {@value #PLACE_M} m along the
 * elevation, high or low; a place where someone stands higher than {@value #LADDER_M} m is one for
 * two people. Minutes are our reckoning until the log knows better ({@link #learning}).
 *
 * @param steps in their order
 */
public record WorkList(List<Step> steps) {
  static final double PLACE_M = 4;
  static final double LADDER_M = 2;

  /**
   * A step.
   *
   * @param number from 1
   * @param place where, in words
   * @param what to do
   * @param after numbers of steps that come before it, rising
   * @param people how many
   * @param minutes for all of them together on it
   * @param learned whether the log knows these minutes, or how this crew's differ from ours
   * @param key what it does, as it is ticked
   */
  public record Step(
      int number,
      String place,
      String what,
      List<Integer> after,
      int people,
      double minutes,
      boolean learned,
      Done key) {
    public Step {
      after = List.copyOf(after);
    }

    private Step taking(double other) {
      return new Step(number, place, what, after, people, other, true, key);
    }
  }

  public WorkList {
    steps = List.copyOf(steps);
  }

  /** Minutes of all steps. */
  public double minutes() {
    return steps.stream().mapToDouble(Step::minutes).sum();
  }

  /** Steps that are not done, and whose minutes are still to come. */
  public List<Step> open(Preparation preparation) {
    Set<Done> done = Set.copyOf(preparation.done());
    return steps.stream().filter(s -> !done.contains(s.key())).toList();
  }

  /** Numbers of steps that come before a step and are not done. */
  public List<Integer> awaits(Step step, Preparation preparation) {
    return step.after().stream()
        .filter(n -> !preparation.done().contains(steps.get(n - 1).key()))
        .toList();
  }

  /**
   * The same with minutes that a log knows. A run or box whose building was logged with its minutes
   * takes these again, shared out over its steps as ours are; all others are scaled by the median
   * of logged to reckoned minutes, so that one long day does not count twice.
   */
  public WorkList learning(ShowLog log) {
    Map<String, Double> logged = new HashMap<>();
    for (ShowLog.Line line : log.of(LogKind.BUILT)) {
      LogEntry e = line.entry();
      String of = e.run().or(e::box).orElse("");
      // The newest of a run holds: it was built again with what was learnt.
      e.minutes().ifPresent(m -> logged.put(of, m));
    }
    Map<String, Double> reckoned = new HashMap<>();
    for (Step s : steps) {
      if (s.key().work() != Preparation.Work.TEST) {
        reckoned.merge(s.key().of(), s.minutes(), Double::sum);
      }
    }
    Map<String, Double> factors = new HashMap<>();
    logged.forEach(
        (of, minutes) -> {
          double ours = reckoned.getOrDefault(of, 0.0);
          if (ours > 0 && minutes > 0) {
            factors.put(of, minutes / ours);
          }
        });
    if (factors.isEmpty()) {
      return this;
    }
    double usual = Drift.median(List.copyOf(factors.values()));
    return new WorkList(
        steps.stream()
            .map(s -> s.taking(s.minutes() * factors.getOrDefault(s.key().of(), usual)))
            .toList());
  }

  /** The steps of a plan. */
  public static WorkList of(Reading reading) {
    return new WorkOrder(reading).write();
  }
}
