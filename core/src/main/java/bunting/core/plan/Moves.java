package bunting.core.plan;

import bunting.core.assess.SegmentReading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What moved from one plan to the next: ports and first slots of the runs that both have. */
public record Moves(List<Move> moved, int kept) {
  public Moves {
    moved = List.copyOf(moved);
  }

  /** A run that lies elsewhere now. */
  public record Move(String run, String from, String to) {}

  /** Compares two plans. */
  public static Moves between(Assessment before, Assessment after) {
    Map<String, String> old = places(before);
    List<Move> moved = new ArrayList<>();
    int kept = 0;
    for (Map.Entry<String, String> now : places(after).entrySet()) {
      String was = old.get(now.getKey());
      if (was != null && !was.equals(now.getValue())) {
        moved.add(new Move(now.getKey(), was, now.getValue()));
      } else if (was != null) {
        kept++;
      }
    }
    return new Moves(moved, kept);
  }

  /** One sentence for the message line. */
  public String text() {
    if (moved.isEmpty()) {
      return "All runs keep their ports and slots.";
    }
    Move first = moved.getFirst();
    return moved.size()
        + (moved.size() == 1 ? " run moves: " : " runs move, the first is ")
        + first.run()
        + ", from "
        + first.from()
        + " to "
        + first.to()
        + "; "
        + kept
        + " keep their place.";
  }

  private static Map<String, String> places(Assessment plan) {
    Map<String, String> places = new LinkedHashMap<>();
    for (SegmentReading s : plan.reading().segments()) {
      var d = s.segment();
      String slot =
          s.slots().isEmpty()
              ? ""
              : ", universe "
                  + s.slots().getFirst().universe()
                  + " slot "
                  + s.slots().getFirst().firstSlot();
      places.merge(d.run(), d.controller() + " port " + d.port() + slot, (a, b) -> a + " and " + b);
    }
    return places;
  }
}
