package bunting.core.solve;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.Optional;
import java.util.ServiceLoader;

/** The one way in which CP-SAT is set up here. */
public final class ExactSolver {
  private static final Optional<String> PROBLEM = load();

  private ExactSolver() {}

  /** The solver is native code; where it does not load, the simple ways must do. */
  public static boolean available() {
    return PROBLEM.isEmpty();
  }

  /** Why it is not available, in a few words; empty: it is. */
  public static Optional<String> problem() {
    return PROBLEM;
  }

  /** Whatever goes wrong in loading, from a full disk to a missing symbol, ends as a few words. */
  private static Optional<String> load() {
    Optional<String> kept = loadKept();
    return kept.isEmpty() ? kept : loadAnew().map(why -> kept.get() + "; " + why);
  }

  @SuppressWarnings("restricted")
  private static Optional<String> loadKept() {
    try {
      Optional<SolverLibrary> library = ServiceLoader.load(SolverLibrary.class).findFirst();
      if (library.isEmpty()) {
        return Optional.of("nobody keeps it unpacked");
      }
      System.load(library.get().path());
      return tried();
    } catch (Exception | LinkageError e) {
      return Optional.of(reason(e));
    }
  }

  private static Optional<String> loadAnew() {
    try {
      Loader.loadNativeLibraries();
      return tried();
    } catch (Exception | LinkageError e) {
      return Optional.of(reason(e));
    }
  }

  /** A library that loads and does not work is no better than none. */
  private static Optional<String> tried() {
    CpModel model = new CpModel();
    model.newBoolVar("b");
    new CpSolver().solve(model);
    return Optional.empty();
  }

  private static String reason(Throwable e) {
    Throwable root = e;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    String text = String.valueOf(root.getMessage()).lines().findFirst().orElse("").strip();
    return text.isEmpty() || text.equals("null") ? root.getClass().getSimpleName() : text;
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

  /**
   * Solves; whether it found something at all.
   *
   * @throws IllegalStateException if the model is invalid: that is a fault of ours, and never "no
   *     time left"
   */
  public static boolean found(CpSolver solver, CpModel model) {
    CpSolverStatus status = solver.solve(model);
    if (status == CpSolverStatus.MODEL_INVALID) {
      throw new IllegalStateException("the solver finds the model invalid: " + model.validate());
    }
    return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
  }
}
