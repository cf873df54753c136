package bunting.core.solve;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;

/** The one way in which CP-SAT is set up here. */
public final class ExactSolver {
  private static final boolean AVAILABLE = load();

  private ExactSolver() {}

  /** The solver is native code; where there is none for the machine, the simple ways must do. */
  public static boolean available() {
    return AVAILABLE;
  }

  private static boolean load() {
    try {
      Loader.loadNativeLibraries();
      return true;
    } catch (RuntimeException | UnsatisfiedLinkError e) {
      return false;
    }
  }

  /**
   * A solver that answers the same every time: one worker, a fixed seed, a limit in deterministic
   * seconds.
   */
  public static CpSolver within(double deterministicSeconds) {
    CpSolver solver = new CpSolver();
    solver.getParameters().setNumWorkers(1).setRandomSeed(1).setLinearizationLevel(2);
    solver.getParameters().setMaxDeterministicTime(deterministicSeconds);
    return solver;
  }
}
