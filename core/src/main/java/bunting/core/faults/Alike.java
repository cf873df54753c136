package bunting.core.faults;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Words for each cause: what speaks for it, and which others no picture tells from it. */
final class Alike {
  private static final int COMPARED = 12;
  private static final double SAME_VOLTS = 0.01;

  private final Pictures pictures;
  private final Observed observed;

  Alike(Pictures pictures, Observed observed) {
    this.pictures = pictures;
    this.observed = observed;
  }

  List<Cause> told(List<Cause> causes) {
    List<Cause> told = new ArrayList<>();
    for (int i = 0; i < causes.size(); i++) {
      Cause c = causes.get(i);
      List<Fault> alike = new ArrayList<>();
      for (int k = 0; i < COMPARED && k < Math.min(COMPARED, causes.size()); k++) {
        if (k != i && same(c.fault(), causes.get(k).fault())) {
          alike.add(causes.get(k).fault());
        }
      }
      told.add(new Cause(c.fault(), c.share(), why(c.fault(), alike), alike));
    }
    return told;
  }

  private String why(Fault fault, List<Fault> alike) {
    StringBuilder text = new StringBuilder(FaultText.name(fault));
    int all = observed.seen().size() + observed.readings().size();
    int fits = 0;
    for (Observed.Seen seen : observed.seen()) {
      fits += fits(fault, new Observed(List.of(seen), List.of())) ? 1 : 0;
    }
    for (Observed.Reading reading : observed.readings()) {
      fits += fits(fault, new Observed(List.of(), List.of(reading))) ? 1 : 0;
    }
    text.append(": it explains ").append(fits).append(" of ").append(all).append(" things told");
    if (!alike.isEmpty()) {
      Fault other = alike.getFirst();
      text.append("; no picture tells it from ")
          .append(other.kind().id())
          .append(": ")
          .append(FaultText.apart(fault, other));
    }
    return text.append(".").toString();
  }

  /** Whether one thing told is as likely as not with a fault. */
  private boolean fits(Fault fault, Observed one) {
    int weight = one.seen().isEmpty() ? 1 : Math.min(12, one.seen().getFirst().pixels());
    return new Likelihood(pictures, one).of(fault) > weight * Math.log(0.5);
  }

  /** Whether two faults show and measure the same under every pattern that tells anything. */
  private boolean same(Fault a, Fault b) {
    for (Observed.Sending sending : NextTests.SENT) {
      for (int chain : chains(a, b)) {
        Layout.Chain at = pictures.layout().chains().get(chain);
        Picture one = pictures.of(a, sending, at);
        Picture other = pictures.of(b, sending, at);
        if (!Arrays.equals(one.looks(), other.looks()) || !volts(one.volts(), other.volts())) {
          return false;
        }
      }
    }
    return true;
  }

  private java.util.Set<Integer> chains(Fault a, Fault b) {
    java.util.Set<Integer> both = new java.util.TreeSet<>(Places.of(pictures.layout(), a).chains());
    both.addAll(Places.of(pictures.layout(), b).chains());
    return both;
  }

  private static boolean volts(double[] a, double[] b) {
    for (int i = 0; i < a.length; i++) {
      if (Math.abs(a[i] - b[i]) > SAME_VOLTS) {
        return false;
      }
    }
    return true;
  }
}
