package bunting.core.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a file held beyond what is understood: keys that mean nothing here and are written back, and
 * what had to be left out.
 *
 * @param strays keys that nobody asked for, with what stood there
 * @param dropped what was left out, once; it is gone with the next save
 */
public record Leftovers(List<Stray> strays, List<Dropped> dropped) {
  /** Nothing left over. */
  public static final Leftovers NONE = new Leftovers(List.of(), List.of());

  public Leftovers {
    strays = List.copyOf(strays);
    dropped = List.copyOf(dropped);
  }

  /**
   * A step of a path: a key of an object, or an item of a list by its id.
   *
   * @param index of an item in its list, from 0; -1 for a key
   */
  public record Step(String name, int index) {
    /** A key. */
    public static Step key(String name) {
      return new Step(name, -1);
    }

    /** Whether it is an item of a list. */
    public boolean isItem() {
      return index >= 0;
    }
  }

  /**
   * A key that nobody asked for.
   *
   * @param path from the top of the show file
   * @param where the same as it is shown, as it stood in the file that was read
   * @param json what stood there
   */
  public record Stray(List<Step> path, String where, String json) {
    public Stray {
      path = List.copyOf(path);
    }

    /** The place in the path of this item of this list, or -1. */
    private int at(String list, String item) {
      for (int i = 1; i < path.size(); i++) {
        if (path.get(i).isItem()
            && path.get(i).name().equals(item)
            && path.get(i - 1).name().equals(list)) {
          return i;
        }
      }
      return -1;
    }

    private Stray renamed(int at, String to) {
      List<Step> steps = new ArrayList<>(path);
      steps.set(at, new Step(to, steps.get(at).index()));
      return new Stray(steps, where, json);
    }
  }

  /**
   * Something that could not be kept.
   *
   * @param run the run that it belonged to; empty: none
   * @param what a sentence about it
   */
  public record Dropped(Optional<String> run, String what) {}

  /** The same with the keys of a list's item under its new name. */
  public Leftovers renamed(String list, String from, String to) {
    return new Leftovers(
        strays.stream()
            .map(s -> s.at(list, from) >= 0 ? s.renamed(s.at(list, from), to) : s)
            .toList(),
        dropped);
  }

  /** The same without the keys of a list's item. */
  public Leftovers without(String list, String item) {
    return new Leftovers(strays.stream().filter(s -> s.at(list, item) < 0).toList(), dropped);
  }

  /** The same with something more dropped. */
  public Leftovers with(List<Dropped> more) {
    List<Dropped> all = new ArrayList<>(dropped);
    all.addAll(more);
    return new Leftovers(strays, all);
  }

  /** The same below a key: what was left over of settings that are now a part of a show. */
  public Leftovers below(String key) {
    return new Leftovers(
        strays.stream()
            .map(
                s -> {
                  List<Step> steps = new ArrayList<>(List.of(Step.key(key)));
                  steps.addAll(s.path());
                  return new Stray(steps, s.where(), s.json());
                })
            .toList(),
        dropped);
  }
}
