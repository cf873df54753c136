package bunting.core.island;

import bunting.core.dc.TrunkSolver;
import bunting.core.show.Conductors;
import bunting.core.show.Trunk;
import bunting.core.show.Wire;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A trunk as it lies, by metres.
 *
 * @param headM from the box to its first branch
 * @param spanM between each branch and the next
 * @param backM from the last branch back to the box; empty: open
 */
public record TrunkLaid(Trunk trunk, double headM, List<Double> spanM, OptionalDouble backM) {
  public TrunkLaid {
    spanM = List.copyOf(spanM);
  }

  /** All of the heavy pair, without its tails. */
  public double metres() {
    return headM + spanM.stream().mapToDouble(m -> m).sum() + backM.orElse(0);
  }

  /** Its resistances; both ways of a ring are behind the one fuse. */
  public TrunkSolver.Trunk ohms(Wire wire, Conductors copper, double supplyVolts) {
    return new TrunkSolver.Trunk(
        supplyVolts,
        copper.fuseMilliohms() / 1000,
        copper.leadOhms(wire, headM),
        spanM.stream().map(m -> wire.loopOhms(m) * copper.warmth()).toList(),
        backM.isPresent()
            ? OptionalDouble.of(copper.leadOhms(wire, backM.getAsDouble()))
            : OptionalDouble.empty());
  }
}
