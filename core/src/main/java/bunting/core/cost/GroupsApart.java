package bunting.core.cost;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Counts the boxes beyond the first that each group is on. */
public final class GroupsApart {
  private final Map<String, Set<String>> where = new HashMap<>();

  /** Notes that something of a group hangs on a box. */
  public void note(Optional<String> group, String box) {
    group.ifPresent(g -> where.computeIfAbsent(g, k -> new HashSet<>()).add(box));
  }

  /** Over all groups. */
  public int count() {
    return where.values().stream().mapToInt(s -> s.size() - 1).sum();
  }
}
