package bunting.core.solve;

/**
 * Where the solver's native library lies unpacked. Whoever knows files provides one as a service;
 * without one the solver's own loader unpacks it anew for each process.
 */
public interface SolverLibrary {
  /**
   * The library's absolute path, unpacked with all that it needs beside it.
   *
   * @throws Exception where it cannot be unpacked
   */
  String path() throws Exception;
}
