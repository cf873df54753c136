package bunting.files.papers;

import static bunting.core.show.Texts.fixed;

import bunting.core.kit.WorkList;
import java.util.List;
import java.util.stream.Collectors;

/** What is done in which order, to be ticked. */
final class WorkSheet {
  private static final double MINUTES_AN_HOUR = 60;

  private WorkSheet() {}

  static Table table(Sources from) {
    return Table.of(
        from.work().steps(),
        List.of(
            Table.<WorkList.Step>text("done", "", s -> "").shown(t -> "[\u00A0\u00A0]"),
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

  static Page page(Sources from, Page page) {
    return page.landscape()
        .head("Work list")
        .says(
            "About "
                + fixed(from.work().minutes() / MINUTES_AN_HOUR, 1)
                + " hours. All that is to be done at a place is done in one climb; places go from"
                + " left to right.")
        .caution(
            "Mains off until the list says otherwise. Two people where a ladder or a roof is;"
                + " nobody in rain, wind or ice. Opening mains belongs to licensed people where"
                + " local codes say so.")
        .table(table(from));
  }
}
