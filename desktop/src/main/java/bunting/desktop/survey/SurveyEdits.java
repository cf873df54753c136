package bunting.desktop.survey;

import bunting.core.show.Controller;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.desktop.model.Selection;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What the tools do to a show. Pure functions. */
public final class SurveyEdits {
  private SurveyEdits() {}

  /** A name that nothing has yet: the stem and a number. */
  public static String freeName(Show show, String stem) {
    Set<String> taken = new HashSet<>();
    show.runs().forEach(r -> taken.add(r.name()));
    show.others().plainSets().forEach(s -> taken.add(s.name()));
    show.others().bulbStrings().forEach(b -> taken.add(b.name()));
    show.controllers().orElse(List.of()).forEach(c -> taken.add(c.id()));
    show.sites().forEach(s -> taken.add(s.id()));
    show.survey().outlets().forEach(o -> taken.add(o.id()));
    show.survey().networkPoints().forEach(n -> taken.add(n.id()));
    int n = 1;
    while (taken.contains(stem + " " + n)) {
      n++;
    }
    return stem + " " + n;
  }

  /** A new box, or, where the planner chooses the boxes, a place where one may stand. */
  public static Show withBox(Show show, Point at) {
    if (show.controllers().isPresent()) {
      List<Controller> list = new ArrayList<>(show.controllers().get());
      String type =
          list.isEmpty()
              ? show.catalogue().controllerTypes().getFirst().id()
              : list.getLast().type();
      list.add(new Controller(freeName(show, "Box"), type, at.x(), at.y()));
      return show.withControllers(list);
    }
    List<Site> sites = new ArrayList<>(show.sites());
    sites.add(new Site(freeName(show, "Place"), at.x(), at.y()));
    return show.withSites(sites);
  }

  /** A new outlet. */
  public static Show withOutlet(Show show, Point at) {
    List<Survey.Outlet> list = new ArrayList<>(show.survey().outlets());
    list.add(new Survey.Outlet(freeName(show, "Outlet"), at, Optional.empty()));
    return show.withSurvey(show.survey().withOutlets(list));
  }

  /** A new network point. */
  public static Show withNetworkPoint(Show show, Point at) {
    List<Site> list = new ArrayList<>(show.survey().networkPoints());
    list.add(new Site(freeName(show, "Network"), at.x(), at.y()));
    return show.withSurvey(show.survey().withNetworkPoints(list));
  }

  /** A new note. */
  public static Show withNote(Show show, Point at) {
    List<Survey.Note> list = new ArrayList<>(show.survey().notes());
    list.add(new Survey.Note("Note " + (list.size() + 1), at));
    return show.withSurvey(show.survey().withNotes(list));
  }

  /** The show with what is selected moved; the same show where that cannot be moved. */
  public static Show moved(Show show, Selection what, double dx, double dy) {
    return switch (what) {
      case Selection.OfRun r ->
          show.run(r.name())
              .map(run -> show.withRun(run.withHanging(run.hanging().moved(dx, dy))))
              .orElse(show);
      case Selection.OfBox b ->
          show.controllers().isEmpty()
              ? show
              : show.withControllers(
                  each(
                      show.controllers().get(),
                      c ->
                          c.id().equals(b.controller())
                              ? new Controller(c.id(), c.type(), c.x() + dx, c.y() + dy)
                              : c));
      case Selection.OfPlace p -> Places.moved(show, p, dx, dy);
      case Selection.OfPort p -> show;
      case Selection.Nothing n -> show;
    };
  }

  /** The show without what is selected; the same show where that cannot be taken away. */
  public static Show without(Show show, Selection what) {
    return switch (what) {
      case Selection.OfRun r -> show.withoutRun(r.name());
      case Selection.OfBox b ->
          show.controllers().isEmpty()
              ? show
              : show.withControllers(
                      show.controllers().get().stream()
                          .filter(c -> !c.id().equals(b.controller()))
                          .toList())
                  .withRuns(
                      each(
                          show.runs(),
                          r ->
                              r.pin().filter(p -> p.controller().equals(b.controller())).isPresent()
                                  ? r.withPin(Optional.empty())
                                  : r));
      case Selection.OfPlace p -> Places.without(show, p);
      case Selection.OfPort p -> show;
      case Selection.Nothing n -> show;
    };
  }

  static <T> List<T> each(List<T> list, UnaryOperator<T> change) {
    return list.stream().map(change).toList();
  }
}
