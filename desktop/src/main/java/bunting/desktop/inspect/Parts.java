package bunting.desktop.inspect;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.checks.Finding;
import bunting.core.checks.Subject;
import bunting.core.explain.BoxExplanations;
import bunting.core.explain.Explanations;
import bunting.core.explain.Line;
import bunting.core.explain.ShowExplanations;
import bunting.core.plan.Assessment;
import bunting.core.plan.WhyHere;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.PlaceEdits;
import bunting.desktop.kit.Figures;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** What there is to show of a selection. */
final class Parts {
  private final Session session;

  Parts(Session session) {
    this.session = session;
  }

  /** Of what is selected; of the show as a whole where that is nothing or gone. */
  Part of(Show show, Selection selection) {
    Optional<Part> part =
        switch (selection) {
          case Selection.Nothing n -> Optional.empty();
          case Selection.OfRun r -> show.run(r.name()).map(run -> run(show, run));
          case Selection.OfRuns r -> several(show, r.names());
          case Selection.OfPort p -> port(p);
          case Selection.OfBox b -> Optional.of(box(show, b.controller()));
          case Selection.OfPlace p ->
              PlaceEdits.find(show, p.kind(), p.id()).map(place -> place(show, p, place));
        };
    return part.orElseGet(() -> whole(show));
  }

  private static Part part(
      String title, String below, Form form, Function<Assessment, List<Node>> figures) {
    return new Part(title, below, form.rows(), form.first(), figures);
  }

  private Part whole(Show show) {
    return part(
        show.settings().name(),
        "the show as a whole",
        ShowEditor.form(session, show),
        plan -> {
          List<Node> all = rows(ShowExplanations.of(plan.reading()));
          all.add(
              Words.softLines("Choose a run, a port or a box, or press Ctrl K and type its name."));
          return all;
        });
  }

  private Part place(Show show, Selection.OfPlace key, PlaceEdits.Place place) {
    return part(
        place.text(),
        key.kind().text(),
        PlaceEditor.form(session, show, key, place),
        plan -> {
          List<Node> all = new ArrayList<>();
          PlaceEditor.facts(plan.reading(), key).forEach(t -> all.add(Words.lines(t)));
          all.addAll(findings(plan, is(Subject.Kind.RUN, key.id())));
          return all;
        });
  }

  private Part run(Show show, Run run) {
    PixelType type = Objects.requireNonNull(show.catalogue().pixelTypesById().get(run.type()));
    RunEditor editor = new RunEditor(session, show, run);
    return part(
        run.name(),
        type.name() + run.group().map(g -> " · group " + g).orElse(""),
        editor.form(),
        plan -> {
          editor.planned();
          // Of an earlier version's run the figures are told; a run that is new has none yet.
          return plan.reading()
              .show()
              .run(run.name())
              .map(planned -> withYears(figures(plan, planned), run.name()))
              .orElse(List.of());
        });
  }

  /** Those of several runs that are there. */
  private Optional<Part> several(Show show, List<String> names) {
    List<Run> runs = names.stream().flatMap(n -> show.run(n).stream()).toList();
    if (runs.size() < 2) {
      return runs.stream().findFirst().map(r -> run(show, r));
    }
    RunsEditor editor = new RunsEditor(session, show, runs);
    return Optional.of(
        part(
            Texts.count(runs.size(), "run", "runs"),
            Texts.count(runs.stream().mapToLong(Run::pixels).sum(), "pixel", "pixels")
                + " together",
            editor.form(),
            editor::figures));
  }

  /** Below the figures, since nobody looks there on the first day. */
  private List<Node> withYears(List<Node> figures, String name) {
    session
        .show()
        .ifPresent(
            now ->
                now.run(name)
                    .ifPresent(r -> figures.addAll(YearsEditor.form(session, now, r).rows())));
    return figures;
  }

  private List<Node> figures(Assessment plan, Run run) {
    Reading reading = plan.reading();
    List<Node> all = new ArrayList<>(HandEditor.form(session, reading, run).rows());
    reading.decisions().unplaced().stream()
        .filter(u -> u.run().equals(run.name()))
        .findFirst()
        .ifPresent(u -> all.addAll(Trials.unplaced(session, plan, u)));
    List<Line> why = WhyHere.of(reading, run);
    all.addAll(rows(why));
    if (!why.isEmpty() && reading.decisions().controllers().size() > 1) {
      all.add(Trials.nextBest(session, plan, run));
    }
    all.addAll(rows(Explanations.ofRun(reading, run)));
    Set<String> segments =
        reading.segmentsOf(run.name()).stream()
            .map(s -> s.segment().id())
            .collect(Collectors.toSet());
    all.addAll(findings(plan, is(Subject.Kind.RUN, run.name()).or(isSegmentOf(segments))));
    return all;
  }

  private Optional<Part> port(Selection.OfPort selected) {
    return session
        .assessment()
        .get()
        .flatMap(a -> a.reading().port(selected.controller(), selected.port()))
        .map(
            now ->
                new Part(
                    now.controller() + " · port " + now.port(),
                    Texts.count(now.segments().size(), "segment", "segments")
                        + " · "
                        + Texts.count(now.pixels(), "pixel", "pixels"),
                    List.of(),
                    Optional.empty(),
                    plan ->
                        plan.reading()
                            .port(selected.controller(), selected.port())
                            .map(port -> figures(plan, port))
                            .orElse(List.of())));
  }

  private static List<Node> figures(Assessment plan, PortReading port) {
    List<Node> all = rows(Explanations.ofPort(plan.reading(), port));
    Set<String> segments =
        port.segments().stream().map(s -> s.segment().id()).collect(Collectors.toSet());
    all.addAll(findings(plan, isSegmentOf(segments)));
    return all;
  }

  private Part box(Show show, String id) {
    return part(
        id,
        "controller",
        BoxEditor.form(session, show, id),
        plan -> {
          List<Line> lines = BoxExplanations.of(plan.reading(), id);
          List<Node> all = rows(lines);
          if (!lines.isEmpty()) {
            all.add(Trials.trunk(session, plan, id));
          }
          all.addAll(findings(plan, is(Subject.Kind.CONTROLLER, id)));
          return all;
        });
  }

  private static Predicate<Finding> is(Subject.Kind kind, String id) {
    return f -> f.subject().kind() == kind && f.subject().id().equals(id);
  }

  private static Predicate<Finding> isSegmentOf(Set<String> segments) {
    return f -> f.subject().kind() == Subject.Kind.SEGMENT && segments.contains(f.subject().id());
  }

  private static List<Node> rows(List<Line> lines) {
    return new ArrayList<>(lines.stream().map(Figures::row).toList());
  }

  private static List<Node> findings(Assessment plan, Predicate<Finding> here) {
    return plan.findings().stream()
        .filter(here)
        .<Node>map(f -> Words.note(f.severity().id() + ": " + f.message(), f.severity().id()))
        .toList();
  }
}
