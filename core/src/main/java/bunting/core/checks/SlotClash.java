package bunting.core.checks;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Slots that are used twice. */
final class SlotClash implements Check {
  @Override
  public String code() {
    return "slot-clash";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Two things on one slot show the same light, and whichever is sent last wins.";
  }

  @Override
  public String source() {
    return "ANSI E1.31-2018, one source of data for a slot";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    List<Row> rows = new ArrayList<>();
    for (var s : reading.segments()) {
      s.slots().forEach(r -> rows.add(new Row(s.run().name(), r)));
    }
    for (var s : reading.others().sets()) {
      s.slots().ifPresent(r -> rows.add(new Row(s.set().name(), r)));
    }
    rows.sort(
        Comparator.<Row>comparingInt(r -> r.slots().universe())
            .thenComparingInt(r -> r.slots().firstSlot()));
    for (int i = 1; i < rows.size(); i++) {
      SlotRow one = rows.get(i - 1).slots();
      SlotRow other = rows.get(i).slots();
      int shared =
          one.universe() == other.universe()
              ? Math.min(one.lastSlot(), other.lastSlot()) - other.firstSlot() + 1
              : 0;
      if (shared > 0) {
        to.report(
            Subject.Kind.RUN,
            rows.get(i).run(),
            shared,
            0,
            "slots",
            rows.get(i - 1).run()
                + " and "
                + rows.get(i).run()
                + " share "
                + shared
                + " slots from universe "
                + other.universe()
                + " slot "
                + other.firstSlot()
                + ": let one of their boxes begin elsewhere.");
      }
    }
  }

  private record Row(String run, SlotRow slots) {}
}
