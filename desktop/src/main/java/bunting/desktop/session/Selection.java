package bunting.desktop.session;

import bunting.core.show.edit.PlaceKind;
import java.util.Collection;
import java.util.List;

/** What is selected; the same on every screen. */
public sealed interface Selection {
  /** Nothing, so the show as a whole. */
  record Nothing() implements Selection {}

  /** A run by its name. */
  record OfRun(String name) implements Selection {}

  /**
   * Several runs at once.
   *
   * @param names at least two
   */
  record OfRuns(List<String> names) implements Selection {
    public OfRuns {
      names = List.copyOf(names);
    }
  }

  /** Runs by their names: none, one, or several. */
  static Selection ofRuns(Collection<String> names) {
    return switch (names.size()) {
      case 0 -> new Nothing();
      case 1 -> new OfRun(names.iterator().next());
      default -> new OfRuns(List.copyOf(names));
    };
  }

  /** The names of the runs that are selected. */
  default List<String> runs() {
    return switch (this) {
      case OfRun r -> List.of(r.name());
      case OfRuns r -> r.names();
      case OfPort p -> List.of();
      case OfBox b -> List.of();
      case OfPlace p -> List.of();
      case Nothing n -> List.of();
    };
  }

  /** A port. */
  record OfPort(String controller, int port) implements Selection {}

  /** A controller. */
  record OfBox(String controller) implements Selection {}

  /** Something else that stands on the elevation, by its id; a note by its number from 0. */
  record OfPlace(PlaceKind kind, String id) implements Selection {}
}
