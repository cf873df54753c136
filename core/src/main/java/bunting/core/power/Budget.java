package bunting.core.power;

import java.util.Optional;

/** What a port's own feed may be while a port is wired. */
interface Budget {
  /** The limit of the port's own feed; empty: the port gives no power. */
  Optional<PortLimit> portLimit(int port);

  /** Whether an island of so many amps may hang on the bank's supply. */
  boolean bankHolds(double islandAmps);

  /** Notes what a port's own feed and its island draw. */
  void take(int port, double portFeedAmps, double islandAmps);

  /** Notes that a port is wired. */
  void portDone();

  /** A budget that is known before: one limit, and the most that the bank may give the island. */
  record Fixed(Optional<PortLimit> limit, double islandAmpsMax) implements Budget {
    @Override
    public Optional<PortLimit> portLimit(int port) {
      return limit;
    }

    @Override
    public boolean bankHolds(double islandAmps) {
      return !bunting.core.copper.Fuses.over(islandAmps, islandAmpsMax);
    }

    @Override
    public void take(int port, double portFeedAmps, double islandAmps) {
      // What is fixed is not used up.
    }

    @Override
    public void portDone() {
      // Each port has its own.
    }
  }
}
