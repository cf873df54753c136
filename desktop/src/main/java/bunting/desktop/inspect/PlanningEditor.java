package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Goal;
import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What the planner of ports strives for, and what the builder has on the shelf. */
final class PlanningEditor {
  private static final Pattern OWNED = Pattern.compile("(\\d{1,4})\\s*(?:x\\s*)?(\\S+)");

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
    owned(
        form,
        "Own boxes",
        "plan-own-boxes",
        planning.ownedBoxes(),
        show.catalogue().controllerTypesById().keySet(),
        list -> p -> p.withOwned(list, p.ownedSupplies()));
    owned(
        form,
        "Supplies",
        "plan-own-supplies",
        planning.ownedSupplies(),
        show.catalogue().supplyTypesById().keySet(),
        list -> p -> p.withOwned(p.ownedBoxes(), list));
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
  }

  private void change(String what, UnaryOperator<Planning> change) {
    session.edit(
        what, s -> s.withAllotting(s.allotting().with(change.apply(s.allotting().planning()))));
  }

  private void owned(
      Form form,
      String label,
      String id,
      List<Planning.Owned> now,
      Collection<String> types,
      Function<List<Planning.Owned>, UnaryOperator<Planning>> change) {
    String shown =
        now.stream().map(o -> o.count() + " x " + o.type()).collect(Collectors.joining(", "));
    form.text(
            label,
            id,
            shown,
            "",
            text -> {
              List<Planning.Owned> list = new ArrayList<>();
              for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
                Matcher m = OWNED.matcher(part.strip());
                if (!m.matches() || !types.contains(m.group(2))) {
                  return Optional.of(
                      "Give how many of which type, such as 2 x " + types.iterator().next() + ".");
                }
                list.add(new Planning.Owned(m.group(2), Integer.parseInt(m.group(1))));
              }
              change("What is on the shelf is used first.", change.apply(list));
              return Optional.empty();
            })
        .prompting("none on the shelf");
  }
}
