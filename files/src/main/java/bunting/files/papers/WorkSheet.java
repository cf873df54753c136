package bunting.files.papers;

import static bunting.core.show.Texts.count;
import static bunting.core.show.Texts.fixed;

import bunting.core.kit.StrikeList;
import bunting.core.kit.WorkList;
import bunting.core.show.Preparation;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What is done in which order, to be ticked; and how it comes down and is put away. */
final class WorkSheet {
  private static final double MINUTES_AN_HOUR = 60;

  private WorkSheet() {}

  static Table table(Sources from) {
    Set<Preparation.Done> done = Set.copyOf(from.show().preparation().done());
    return Table.of(
        from.work().steps(),
        List.of(
            Table.<WorkList.Step>text("done", "", s -> done.contains(s.key()) ? "yes" : "")
                .shown(t -> t.isEmpty() ? "[\u00A0\u00A0]" : "[x]"),
            Table.<WorkList.Step>col("step", "Step", Table.Kind.MAIN_NUMBER, s -> "" + s.number()),
            Table.<WorkList.Step>text("place", "Where", WorkList.Step::place),
            Table.<WorkList.Step>col("what", "What", Table.Kind.MAIN, WorkList.Step::what),
            Table.<WorkList.Step>text(
                "after",
                "After",
                s -> s.after().stream().map(n -> "" + n).collect(Collectors.joining(", "))),
            Table.<WorkList.Step>count("people", "People", WorkList.Step::people),
            Table.<WorkList.Step>number("minutes", "Minutes", s -> fixed(s.minutes(), 0))));
  }

  /** How it comes down, tote by tote. */
  static Table strike(Sources from) {
    return Table.of(
        from.strike().items(),
        List.of(
            Table.<StrikeList.Item>text("done", "", i -> "").shown(t -> "[\u00A0\u00A0]"),
            Table.<StrikeList.Item>col("tote", "Tote", Table.Kind.MAIN_NUMBER, i -> "" + i.tote()),
            Table.<StrikeList.Item>text("box", "Box", StrikeList.Item::box),
            Table.<StrikeList.Item>text("what", "What", StrikeList.Item::what),
            Table.<StrikeList.Item>col("label", "Its labels", Table.Kind.MAIN, i -> i.label()),
            Table.<StrikeList.Item>number(
                    "metres",
                    from.lengths().feet() ? "Length" : "Metres",
                    i -> i.metres() > 0 ? fixed(i.metres(), 2) : "")
                .shown(from::rough)));
  }

  static Page page(Sources from, Page page) {
    WorkList work = from.work();
    double open =
        work.open(from.show().preparation()).stream().mapToDouble(WorkList.Step::minutes).sum();
    boolean learned = work.steps().stream().anyMatch(WorkList.Step::learned);
    return page.landscape()
        .head("Work list")
        .says(
            "About "
                + fixed(work.minutes() / MINUTES_AN_HOUR, 1)
                + " hours"
                + (open < work.minutes()
                    ? ", " + fixed(open / MINUTES_AN_HOUR, 1) + " of them still to come"
                    : "")
                + (learned
                    ? ", as the log knows this crew. "
                    : ", by our reckoning: log what was built with its minutes, and the list"
                        + " learns. ")
                + "All that is to be done at a place is done in one climb; places go from left to"
                + " right.")
        .caution(
            "Mains off until the list says otherwise. Two people where a ladder or a roof is;"
                + " nobody in rain, wind or ice. Opening mains belongs to licensed people where"
                + " local codes say so.")
        .table(table(from))
        .raw("<div class=\"break\"></div>")
        .head("Taking it down and putting it away")
        .says(
            "In this order, "
                + count(from.strike().totes(), "tote", "totes")
                + " of "
                + StrikeList.TOTE_LITRES
                + " litres: what belongs to a box goes together, so that next year one tote is"
                + " carried to one place. Mains off and fuses out first; coil dry, loosely, labels"
                + " outside; write on each tote what is in it.")
        .table(strike(from));
  }
}
