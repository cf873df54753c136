package bunting.core.faults;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;

/**
 * From what was seen and measured to what is wrong.
 *
 * <p><b>Method.</b> Every fault that could be behind it ({@link Candidates}) has a prior by how
 * often its kind is met. Its picture ({@link Pictures}) is held against what was reported ({@link
 * Likelihood}); amounts that it has, ohms or volts, are those that fit best ({@link Estimates}). By
 * Bayes' rule its share is prior times likelihood over the sum of all, with one more for what
 * nobody thought of. The next test is the one that lowers the entropy of the shares the most for
 * its effort ({@link NextTests}).
 *
 * <p><b>Cost.</b> Only boxes that something was reported of are solved, each once for each fault of
 * its power and each thing sent. <b>Limit.</b> One fault at a time; two at once are found one after
 * the other.
 */
public final class Diagnosis {
  /** Of a hundred faults so many are none of these. */
  private static final double OTHER_OFTEN = 1;

  /** What nobody thought of explains each thing reported no better than this, as a logarithm. */
  private static final double OTHER_FIT = Math.log(0.001);

  /** Below the best by so much, as a logarithm, a fault is not looked at closer. */
  private static final double FAR = 25;

  /** So many are looked at closer. */
  private static final int CLOSER = 60;

  /** Shares below this are not worth a line. */
  private static final double LEAST_SHARE = 1e-4;

  private final Pictures pictures;
  private final Layout layout;

  /** Of a plan; keeps the pictures that it made. */
  public Diagnosis(Pictures pictures) {
    this.pictures = pictures;
    this.layout = pictures.layout();
  }

  /**
   * What may be wrong, the likeliest first.
   *
   * @param causes shares between 0 and 1, in sum at most 1
   * @param tests what would tell the most for its effort
   */
  public record Answer(List<Cause> causes, List<NextTest> tests) {
    public Answer {
      causes = List.copyOf(causes);
      tests = List.copyOf(tests);
    }
  }

  private record Weighed(Fault fault, double often, double log) {}

  /** What may be wrong. Nothing reported: nothing is. */
  public Answer of(Observed observed) {
    return of(observed, () -> false);
  }

  /**
   * The same, as long as somebody waits for it.
   *
   * @param stopped asked now and then; once it says so the search ends with a {@link
   *     CancellationException}
   */
  public Answer of(Observed observed, BooleanSupplier stopped) {
    if (observed.isEmpty()) {
      return new Answer(List.of(), List.of());
    }
    Likelihood fit = new Likelihood(pictures, observed);
    List<Weighed> all = new ArrayList<>();
    for (Map.Entry<Fault, Double> e : Candidates.of(layout, observed).entrySet()) {
      heed(stopped);
      Fault fault = e.getKey();
      if (reaches(fault, observed)) {
        fault = Estimates.best(fault, fit, layout, !observed.readings().isEmpty());
      }
      all.add(new Weighed(fault, e.getValue(), Math.log(e.getValue()) + fit.of(fault)));
    }
    List<Weighed> near = nearest(all, fit, stopped);
    int told = observed.seen().size() + observed.readings().size();
    double other = Math.log(OTHER_OFTEN) + told * OTHER_FIT;
    double top = Math.max(other, near.isEmpty() ? other : near.getFirst().log());
    double sum = Math.exp(other - top);
    for (Weighed w : near) {
      sum += Math.exp(w.log() - top);
    }
    List<Cause> causes = new ArrayList<>();
    for (Weighed w : near) {
      double share = Math.exp(w.log() - top) / sum;
      if (share >= LEAST_SHARE) {
        causes.add(new Cause(w.fault(), share, "", List.of()));
      }
    }
    List<Cause> explained = new Alike(pictures, observed).told(causes);
    return new Answer(
        explained, new NextTests(pictures, observed, () -> heed(stopped)).of(explained));
  }

  private static void heed(BooleanSupplier stopped) {
    if (stopped.getAsBoolean()) {
      throw new CancellationException("nobody waits for the cause any more");
    }
  }

  /** The likeliest, looked at closer; ties in the order of the plan. */
  private static List<Weighed> nearest(List<Weighed> all, Likelihood fit, BooleanSupplier stopped) {
    all.sort(Comparator.comparingDouble((Weighed w) -> -w.log()));
    List<Weighed> near = new ArrayList<>();
    for (Weighed w : all) {
      heed(stopped);
      if (near.size() < CLOSER && w.log() > all.getFirst().log() - FAR) {
        near.add(new Weighed(w.fault(), w.often(), w.log() + fit.unmentioned(w.fault())));
      }
    }
    near.sort(Comparator.comparingDouble((Weighed w) -> -w.log()));
    return near;
  }

  /** Whether an amount can be told: something was reported where the feed or supply reaches. */
  private boolean reaches(Fault fault, Observed observed) {
    if (!(fault instanceof Fault.ThinLead || fault instanceof Fault.SupplyLow)) {
      return false;
    }
    var chains = Places.of(layout, fault).chains();
    return observed.seen().stream().anyMatch(s -> on(s.run(), chains))
        || observed.readings().stream().anyMatch(r -> on(r.run(), chains));
  }

  private boolean on(String run, java.util.Set<Integer> chains) {
    return layout.parts(run).stream().anyMatch(p -> chains.contains(p.chain().index()));
  }
}
