package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Goal;
import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** What the planner of ports strives for, and what the builder has on the shelf. */
final class PlanningEditor {
  private final Session session;

  private PlanningEditor(Session session) {
    this.session = session;
  }

  static void addTo(Form form, Session session, Show show) {
    new PlanningEditor(session).fill(form, show);
  }

  private void fill(Form form, Show show) {
    Planning planning = show.allotting().planning();
    form.heading("Planning of ports");
    form.choice(
        "First",
        "plan-first",
        List.of(Goal.values()),
        Goal::text,
        planning.goals().getFirst(),
        now -> change("First of all: " + now.text() + ".", p -> p.preferring(now)));
    form.words(
        "Strives for: everything placed, then "
            + planning.goals().stream().map(Goal::text).collect(Collectors.joining(", "))
            + ".");
    form.whole(
        "Spare",
        "plan-spare",
        planning.sparePorts(),
        "ports a box",
        Range.SPARE_PORTS,
        n ->
            change(
                "Spare: " + Texts.count(n, "port", "ports") + " a box.", p -> p.withSparePorts(n)));
    form.number(
        "Group apart",
        "plan-group-apart",
        planning.prices().groupApart(),
        show.settings().currency(),
        Range.MONEY,
        v ->
            change(
                "A group torn apart counts as " + Texts.number(v) + ".",
                p -> p.with(p.prices().withGroupApart(v))));
    form.number(
        "Work",
        "plan-minute",
        planning.prices().minuteRate(),
        (show.settings().currency() + "/min").strip(),
        Range.MONEY,
        v ->
            change(
                "Work: " + Texts.number(v) + " a minute.",
                p -> p.with(p.prices().withMinuteRate(v))));
    if (show.controllers().isPresent()) {
      form.alone(
          "plan-add",
          "the planner may add boxes",
          planning.addBoxes(),
          now ->
              change(
                  now ? "The planner may add boxes." : "The boxes are what there is.",
                  p -> p.withAddBoxes(now)));
    }
    new OwnedEditor(session, show).addTo(form);
  }

  private void change(String what, UnaryOperator<Planning> change) {
    session.edit(
        what, s -> s.withAllotting(s.allotting().with(change.apply(s.allotting().planning()))));
  }
}
