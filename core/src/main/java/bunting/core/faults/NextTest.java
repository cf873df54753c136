package bunting.core.faults;

import bunting.core.pattern.Pattern;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Something to do next.
 *
 * @param act what kind of thing it is
 * @param text what to do, for people
 * @param pattern what is sent meanwhile
 * @param spots where, at least one
 * @param tells what each answer would mean
 */
public record NextTest(Act act, String text, Pattern pattern, List<Spot> spots, String tells) {
  public NextTest {
    spots = List.copyOf(spots);
  }

  /** Pixels of a run, or the one that is measured. */
  public record Spot(String run, int firstPixel, int lastPixel) {
    /** As people say it. */
    public String text() {
      return firstPixel == lastPixel
          ? run + ", pixel " + firstPixel
          : run + ", pixels " + firstPixel + " to " + lastPixel;
    }
  }

  /** All of where. */
  public String where() {
    return spots.stream().map(Spot::text).collect(Collectors.joining("; "));
  }

  /** Kinds of tests. */
  public enum Act {
    /** Look at the lights. */
    LOOK("look"),
    /** Hold a meter to a pixel. */
    MEASURE("measure"),
    /** Change something and see. */
    TRY("try");

    private final String id;

    Act(String id) {
      this.id = id;
    }

    /** As files have it. */
    public String id() {
      return id;
    }
  }
}
