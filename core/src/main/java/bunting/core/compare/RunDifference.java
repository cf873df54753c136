package bunting.core.compare;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A run, or the rest of the show, that two versions have otherwise.
 *
 * @param what the run's name, or what else differs
 * @param mine what one version has; "–" where it has none
 * @param theirs what the other has
 */
public record RunDifference(String what, String mine, String theirs) {
  private static final String NONE = "–";

  /** All that differ: the runs in the order of the first version, then those of the second. */
  public static List<RunDifference> between(Show mine, Show theirs) {
    List<RunDifference> list = new ArrayList<>();
    if (!mine.settings().equals(theirs.settings())) {
      list.add(new RunDifference("the show", settings(mine), settings(theirs)));
    }
    Set<String> names = new LinkedHashSet<>();
    mine.runs().forEach(r -> names.add(r.name()));
    theirs.runs().forEach(r -> names.add(r.name()));
    for (String name : names) {
      Optional<Run> a = mine.run(name);
      Optional<Run> b = theirs.run(name);
      if (!a.equals(b)) {
        list.add(new RunDifference(name, text(a), text(b)));
      }
    }
    Show alike = theirs.withRuns(mine.runs()).withSettings(mine.settings());
    if (!alike.withLeftovers(mine.leftovers()).equals(mine)) {
      list.add(
          new RunDifference(
              "boxes, places, feeds or addresses", "as they are here", "differ from these"));
    }
    return list;
  }

  private static String settings(Show show) {
    return show.settings().name()
        + ", "
        + Texts.number(show.settings().brightnessPercent())
        + " %, "
        + Texts.number(show.settings().targetFps())
        + " fps";
  }

  private static String text(Optional<Run> run) {
    return run.map(RunDifference::text).orElse(NONE);
  }

  private static String text(Run r) {
    return r.pixels()
        + " px of "
        + r.type()
        + r.built().stream().mapToObj(b -> ", built").findFirst().orElse("")
        + " at "
        + Texts.number(r.start().x())
        + ", "
        + Texts.number(r.start().y())
        + r.group().map(g -> ", group " + g).orElse("")
        + r.pin().map(p -> ", on " + p.text()).orElse("");
  }
}
