package bunting.core.faults;

import java.util.function.DoubleUnaryOperator;

/**
 * How much resistance a feed has too much, and how few volts a supply holds, by what fits what was
 * reported best: the best of a row of steps, then the golden section around it.
 */
final class Estimates {
  /** Where nothing tells, ohms. */
  static final double OHMS = 0.2;

  /** Where nothing tells, share of the nominal volts. */
  static final double LOW_SHARE = 0.9;

  private static final double[] OHM_STEPS = {
    0.02, 0.04, 0.07, 0.11, 0.17, 0.25, 0.4, 0.65, 1, 1.6, 2.5, 4, 8
  };
  private static final double[] SHARES = {
    0.99, 0.97, 0.95, 0.92, 0.89, 0.86, 0.83, 0.8, 0.75, 0.7, 0.6, 0.4
  };
  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  /** Golden sections: each leaves 62 % of what there was, sixteen half a thousandth. */
  private static final int SECTIONS = 16;

  private Estimates() {}

  /** The same fault with the amount that fits best; others as they are. */
  static Fault best(Fault fault, Likelihood fit, Layout layout, boolean measured) {
    return switch (fault) {
      case Fault.ThinLead f -> {
        double ohms = search(OHM_STEPS, o -> fit.near(new Fault.ThinLead(f.feed(), o)), measured);
        yield new Fault.ThinLead(f.feed(), ohms);
      }
      case Fault.SupplyLow f -> {
        double nominal = f.volts() / LOW_SHARE;
        double share =
            search(SHARES, s -> fit.near(new Fault.SupplyLow(f.supply(), s * nominal)), measured);
        yield new Fault.SupplyLow(f.supply(), share * nominal);
      }
      default -> fault;
    };
  }

  private static double search(double[] steps, DoubleUnaryOperator fit, boolean finely) {
    int best = 0;
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < steps.length; i++) {
      double value = fit.applyAsDouble(steps[i]);
      if (value > most) {
        most = value;
        best = i;
      }
    }
    if (!finely) {
      return steps[best];
    }
    double low = steps[Math.max(0, best - 1)];
    double high = steps[Math.min(steps.length - 1, best + 1)];
    double a = high - GOLDEN * (high - low);
    double b = low + GOLDEN * (high - low);
    double fitA = fit.applyAsDouble(a);
    double fitB = fit.applyAsDouble(b);
    for (int i = 0; i < SECTIONS; i++) {
      if (fitA >= fitB) {
        high = b;
        b = a;
        fitB = fitA;
        a = high - GOLDEN * (high - low);
        fitA = fit.applyAsDouble(a);
      } else {
        low = a;
        a = b;
        fitA = fitB;
        b = low + GOLDEN * (high - low);
        fitB = fit.applyAsDouble(b);
      }
    }
    double middle = (low + high) / 2;
    return fit.applyAsDouble(middle) >= most ? middle : steps[best];
  }
}
