package bunting.core.whatif;

import bunting.core.dc.Shedding;
import bunting.core.island.SolvedBox;
import bunting.core.island.SolvedChain;
import java.util.Optional;

/**
 * Counts what is seen of the pixels of the ports that a case touches. A pixel below {@link
 * Shedding#DARK_SHARE} of its nominal volts is dark and passes no data on, whether the case made it
 * dark or full white had done so before; only pixels below the minimum are counted beside how they
 * were.
 */
final class Lights {
  private final CaseSolver cases;
  private final Case gone;
  private final double leastShare;
  int dark;
  int noData;
  int belowLeast;
  Optional<Outcome.Lowest> lowest = Optional.empty();

  Lights(CaseSolver cases, Case gone, double leastPercent) {
    this.cases = cases;
    this.gone = gone;
    this.leastShare = leastPercent / 100;
  }

  void look(String box, SolvedBox now) {
    boolean dead = gone.deadBoards().contains(cases.controllerOf(box));
    for (int port = 0; port < now.ports().size(); port++) {
      Optional<SolvedChain> chain = now.ports().get(port);
      Optional<SolvedChain> before = cases.sound(box).ports().get(port);
      boolean same = chain.isPresent() && CaseSolver.untouched(chain.get(), before.orElseThrow());
      if (chain.isPresent() && (!same || dead)) {
        chain(chain.get(), before.orElseThrow(), dead);
      }
    }
  }

  private void chain(SolvedChain now, SolvedChain before, boolean dead) {
    boolean data = !dead;
    for (int k = 0; k < now.segments().size(); k++) {
      SolvedChain.SegmentFlow flow = now.segments().get(k);
      SolvedChain.SegmentFlow was = before.segments().get(k);
      double nominal = cases.segment(flow.segment()).type().volts();
      data &= gone.cutLead().filter(flow.segment()::equals).isEmpty();
      for (int i = 0; i < flow.volts().size(); i++) {
        double share = flow.volts().at(i) / nominal;
        double shareBefore = was.volts().at(i) / nominal;
        boolean lit = share >= Shedding.DARK_SHARE;
        data &= lit;
        dark += lit ? 0 : 1;
        noData += lit && !data ? 1 : 0;
        belowLeast += lit && share < leastShare && shareBefore >= leastShare ? 1 : 0;
        if (share > 0 && (lowest.isEmpty() || 100 * share < lowest.get().percent())) {
          var s = cases.segment(flow.segment());
          lowest =
              Optional.of(
                  new Outcome.Lowest(
                      flow.volts().at(i),
                      100 * share,
                      s.run().name(),
                      s.segment().firstPixel() + i));
        }
      }
    }
  }
}
