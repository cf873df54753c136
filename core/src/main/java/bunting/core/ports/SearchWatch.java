package bunting.core.ports;

/** Watches a search, and may stop it. */
public interface SearchWatch {
  /** Nobody watches. */
  SearchWatch NOBODY = () -> false;

  /** Whether to stop with the best so far; asked several times a second. */
  boolean stopped();

  /**
   * Told as the search goes on.
   *
   * @param part of the show that is searched, from 1; of the first fits: how many boards are done
   * @param doing what is looked for
   */
  default void step(int part, int parts, String doing) {}
}
