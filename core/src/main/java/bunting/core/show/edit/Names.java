package bunting.core.show.edit;

import bunting.core.show.Show;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Names of the things of a show: which are taken, and which is free. */
public final class Names {
  /** Most characters of a name, a group or any other short text that a file keeps. */
  public static final int LENGTH_MAX = 200;

  /** What to say where a text is no name. */
  public static final String WANTED = "Give it a name of 1 to " + LENGTH_MAX + " characters.";

  private Names() {}

  /** Whether a text can be a name. */
  public static boolean sound(String name) {
    return !name.isBlank() && name.length() <= LENGTH_MAX;
  }

  /** The text, or as much of its beginning as a file keeps. */
  public static String shortened(String text) {
    return text.length() <= LENGTH_MAX ? text : text.substring(0, LENGTH_MAX);
  }

  /** Whether a run, a set or a string has this name. */
  public static boolean isLight(Show show, String name) {
    return show.run(name).isPresent()
        || show.others().plainSets().stream().anyMatch(s -> s.name().equals(name))
        || show.others().bulbStrings().stream().anyMatch(b -> b.name().equals(name));
  }

  /** All names that something has. */
  static Set<String> taken(Show show) {
    Set<String> taken = new HashSet<>();
    show.runs().forEach(r -> taken.add(r.name()));
    show.others().plainSets().forEach(s -> taken.add(s.name()));
    show.others().bulbStrings().forEach(b -> taken.add(b.name()));
    show.controllers().orElse(List.of()).forEach(c -> taken.add(c.id()));
    show.sites().forEach(s -> taken.add(s.id()));
    show.survey().outlets().forEach(o -> taken.add(o.id()));
    show.survey().networkPoints().forEach(n -> taken.add(n.id()));
    return taken;
  }

  /** A name that nothing has yet: the stem and a number. */
  public static String free(Show show, String stem) {
    Set<String> taken = taken(show);
    String root = stem.length() > LENGTH_MAX - 8 ? stem.substring(0, LENGTH_MAX - 8) : stem;
    int n = 1;
    while (taken.contains(root + " " + n)) {
      n++;
    }
    return root + " " + n;
  }
}
