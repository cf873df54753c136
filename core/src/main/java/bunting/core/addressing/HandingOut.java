package bunting.core.addressing;

import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.SlotRange;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** What is handed out, and what would change for those who have it. Pure. */
public final class HandingOut {
  private HandingOut() {}

  /** A piece of a run, or a plain set, with its slots as they are planned now. */
  public record Patch(
      Held held, int channels, int grouping, boolean reversed, String order, List<SlotRow> rows) {
    /** The run or plain set. */
    public String run() {
      return held.run();
    }
  }

  /** What became of a run's addresses. */
  public enum State {
    /** All as it was handed out. */
    STAYS("stays"),
    /** What was handed out stays, and more pixels came. */
    GROWS("grows"),
    /** What is left of it stays. */
    SHRINKS("shrinks"),
    /** It was not handed out before. */
    NEW("new"),
    /** Its slots stay, and another box listens to them: their universe has two receivers now. */
    OTHER_BOX("other box"),
    /** Its slots stay and mean other colours. */
    OTHER_COLOURS("other colours"),
    /** It lies elsewhere. */
    MOVES("moves"),
    /** It was handed out and is not there any more. */
    GONE("gone");

    private final String text;

    State(String text) {
      this.text = text;
    }

    /** As people read it. */
    public String text() {
      return text;
    }
  }

  /** A run, where it was and where it is; empty where it was or is not. */
  public record Change(State state, String run, String before, String after) {}

  /** Nails for everything as it is planned now. */
  public static HandOut of(
      String date, String to, List<Patch> patches, Map<String, String> addresses) {
    return new HandOut(
        date,
        to,
        patches.stream()
            .map(
                p ->
                    new HandOut.Nail(
                        p.held(),
                        p.channels(),
                        p.grouping(),
                        p.reversed(),
                        ranges(p.rows()),
                        p.order()))
            .toList(),
        addresses);
  }

  /**
   * Run by run what was handed out against what is planned now: the plan's order, then the gone.
   */
  public static List<Change> changes(HandOut before, List<Patch> now) {
    Map<String, List<HandOut.Nail>> old = new LinkedHashMap<>();
    before.nails().forEach(n -> old.computeIfAbsent(n.run(), k -> new ArrayList<>()).add(n));
    Map<String, List<Patch>> current = new LinkedHashMap<>();
    now.forEach(p -> current.computeIfAbsent(p.run(), k -> new ArrayList<>()).add(p));
    List<Change> changes = new ArrayList<>();
    current.forEach((run, patches) -> changes.add(change(run, old.get(run), patches)));
    old.forEach(
        (run, nails) -> {
          if (!current.containsKey(run)) {
            changes.add(new Change(State.GONE, run, text(slots(nails)), ""));
          }
        });
    return changes;
  }

  private static Change change(
      String run, @org.jspecify.annotations.Nullable List<HandOut.Nail> nails, List<Patch> now) {
    List<SlotRange> after = now.stream().flatMap(p -> ranges(p.rows()).stream()).toList();
    if (nails == null) {
      return new Change(State.NEW, run, "", text(after));
    }
    Map<Integer, Integer> was = new LinkedHashMap<>();
    for (HandOut.Nail n : nails) {
      put(was, n.held(), n.channels(), n.grouping(), n.reversed(), n.slots());
    }
    Map<Integer, Integer> is = new LinkedHashMap<>();
    for (Patch p : now) {
      put(is, p.held(), p.channels(), p.grouping(), p.reversed(), ranges(p.rows()));
    }
    boolean moved = is.entrySet().stream().anyMatch(e -> differs(was.get(e.getKey()), e));
    boolean alike =
        nails.getFirst().channels() == now.getFirst().channels()
            && nails.getFirst().grouping() == now.getFirst().grouping();
    State state =
        moved || !alike
            ? State.MOVES
            : !boxes(nails).containsAll(boxesNow(now))
                ? State.OTHER_BOX
                : !sameColours(nails, now)
                    ? State.OTHER_COLOURS
                    : is.size() > was.size()
                        ? State.GROWS
                        : is.size() < was.size() ? State.SHRINKS : State.STAYS;
    boolean where = state == State.OTHER_BOX;
    boolean what = state == State.OTHER_COLOURS;
    return new Change(
        state,
        run,
        text(slots(nails))
            + (where ? " on " + String.join(", ", boxes(nails)) : "")
            + (what ? " " + nails.getFirst().order() : ""),
        text(after)
            + (where ? " on " + String.join(", ", boxesNow(now)) : "")
            + (what ? " " + now.getFirst().order() : ""));
  }

  private static Set<String> boxes(List<HandOut.Nail> nails) {
    Set<String> boxes = new TreeSet<>();
    nails.forEach(n -> boxes.add(n.held().controller()));
    return boxes;
  }

  private static Set<String> boxesNow(List<Patch> now) {
    Set<String> boxes = new TreeSet<>();
    now.forEach(p -> boxes.add(p.held().controller()));
    return boxes;
  }

  /** Older files do not know the colours that were handed out. */
  private static boolean sameColours(List<HandOut.Nail> nails, List<Patch> now) {
    String before = nails.getFirst().order();
    return before.isEmpty() || before.equals(now.getFirst().order());
  }

  private static boolean differs(
      @org.jspecify.annotations.Nullable Integer before, Map.Entry<Integer, Integer> now) {
    return before != null && !before.equals(now.getValue());
  }

  /** First slots, counted through all universes, by the first pixel of every set. */
  private static void put(
      Map<Integer, Integer> starts,
      Held held,
      int channels,
      int grouping,
      boolean reversed,
      List<SlotRange> slots) {
    int sets = (held.pixels() + grouping - 1) / grouping;
    int index = 0;
    int owed = 0;
    for (SlotRange r : slots) {
      int at = r.first() + owed;
      while (at <= r.last() && index < sets) {
        int set = reversed ? sets - 1 - index : index;
        starts.put(
            held.firstPixel() + set * grouping, (r.universe() - 1) * SlotCursor.SLOTS + at - 1);
        at += channels;
        index++;
      }
      owed = at - r.last() - 1;
    }
  }

  private static List<SlotRange> ranges(List<SlotRow> rows) {
    return rows.stream()
        .map(r -> new SlotRange(r.universe(), r.firstSlot(), r.lastSlot()))
        .toList();
  }

  private static List<SlotRange> slots(List<HandOut.Nail> nails) {
    return nails.stream().flatMap(n -> n.slots().stream()).toList();
  }

  private static String text(List<SlotRange> slots) {
    if (slots.isEmpty()) {
      return "no slots";
    }
    SlotRange first = slots.getFirst();
    SlotRange last = slots.getLast();
    return "u"
        + first.universe()
        + "."
        + first.first()
        + " to u"
        + last.universe()
        + "."
        + last.last();
  }
}
