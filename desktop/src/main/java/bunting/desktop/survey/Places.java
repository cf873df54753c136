package bunting.desktop.survey;

import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Selection.OfPlace;
import java.util.ArrayList;
import java.util.List;

/** Things on the elevation that are neither run nor box. */
public final class Places {
  /** One of them. */
  public record Place(OfPlace key, String text, Point at) {}

  private Places() {}

  /** All of a show. */
  public static List<Place> of(Show show) {
    List<Place> list = new ArrayList<>();
    for (Site s : show.controllers().isPresent() ? List.<Site>of() : show.sites()) {
      list.add(place(Selection.Kind.SITE, s.id(), s.id(), new Point(s.x(), s.y())));
    }
    for (Survey.Outlet o : show.survey().outlets()) {
      String circuit = o.circuit().filter(c -> !c.equals(o.id())).map(c -> ", " + c).orElse("");
      list.add(place(Selection.Kind.OUTLET, o.id(), o.id() + circuit, o.at()));
    }
    for (Site n : show.survey().networkPoints()) {
      list.add(place(Selection.Kind.NETWORK, n.id(), n.id(), new Point(n.x(), n.y())));
    }
    List<Survey.Note> notes = show.survey().notes();
    for (int i = 0; i < notes.size(); i++) {
      list.add(place(Selection.Kind.NOTE, "" + i, notes.get(i).text(), notes.get(i).at()));
    }
    for (PlainSet s : show.others().plainSets()) {
      list.add(place(Selection.Kind.SET, s.name(), s.name(), s.at()));
    }
    for (BulbString b : show.others().bulbStrings()) {
      list.add(place(Selection.Kind.BULBS, b.name(), b.name(), b.at()));
    }
    return list;
  }

  private static Place place(Selection.Kind kind, String id, String text, Point at) {
    return new Place(new OfPlace(kind, id), text, at);
  }

  /** The show with one of them moved. */
  static Show moved(Show show, OfPlace p, double dx, double dy) {
    return changed(show, p, p.id(), at(show, p).plus(dx, dy));
  }

  private static Point at(Show show, OfPlace p) {
    return of(show).stream()
        .filter(q -> q.key().equals(p))
        .map(Place::at)
        .findFirst()
        .orElse(new Point(0, 0));
  }

  /** The show with one of them elsewhere or under another name. */
  public static Show changed(Show show, OfPlace p, String name, Point to) {
    Survey s = show.survey();
    OtherLoads o = show.others();
    return switch (p.kind()) {
      case SITE ->
          show.withSites(
              SurveyEdits.each(
                  show.sites(), x -> x.id().equals(p.id()) ? new Site(name, to.x(), to.y()) : x));
      case OUTLET ->
          show.withSurvey(
              s.withOutlets(
                  SurveyEdits.each(
                      s.outlets(),
                      x -> x.id().equals(p.id()) ? new Survey.Outlet(name, to, x.circuit()) : x)));
      case NETWORK ->
          show.withSurvey(
              s.withNetworkPoints(
                  SurveyEdits.each(
                      s.networkPoints(),
                      x -> x.id().equals(p.id()) ? new Site(name, to.x(), to.y()) : x)));
      case NOTE -> {
        List<Survey.Note> notes = new ArrayList<>(s.notes());
        int i = Integer.parseInt(p.id());
        String text = name.equals(p.id()) ? notes.get(i).text() : name;
        notes.set(i, new Survey.Note(text, to));
        yield show.withSurvey(s.withNotes(notes));
      }
      case SET ->
          show.withOthers(
              new OtherLoads(
                  SurveyEdits.each(
                      o.plainSets(),
                      x ->
                          x.name().equals(p.id())
                              ? new PlainSet(
                                  name,
                                  x.volts(),
                                  x.channels(),
                                  x.watts(),
                                  to,
                                  x.leadM(),
                                  x.group())
                              : x),
                  o.bulbStrings()));
      case BULBS ->
          show.withOthers(
              new OtherLoads(
                  o.plainSets(),
                  SurveyEdits.each(
                      o.bulbStrings(),
                      x ->
                          x.name().equals(p.id())
                              ? new BulbString(
                                  name,
                                  x.bulbs(),
                                  x.wattsPerBulb(),
                                  x.cordAmpsMax(),
                                  x.lengthM(),
                                  to)
                              : x)));
    };
  }

  /** The show without one of them. */
  static Show without(Show show, OfPlace p) {
    Survey s = show.survey();
    OtherLoads o = show.others();
    return switch (p.kind()) {
      case SITE ->
          show.withSites(show.sites().stream().filter(x -> !x.id().equals(p.id())).toList());
      case OUTLET ->
          show.withSurvey(
              s.withOutlets(s.outlets().stream().filter(x -> !x.id().equals(p.id())).toList()));
      case NETWORK ->
          show.withSurvey(
              s.withNetworkPoints(
                  s.networkPoints().stream().filter(x -> !x.id().equals(p.id())).toList()));
      case NOTE -> {
        List<Survey.Note> notes = new ArrayList<>(s.notes());
        notes.remove(Integer.parseInt(p.id()));
        yield show.withSurvey(s.withNotes(notes));
      }
      case SET ->
          show.withOthers(
              new OtherLoads(
                  o.plainSets().stream().filter(x -> !x.name().equals(p.id())).toList(),
                  o.bulbStrings()));
      case BULBS ->
          show.withOthers(
              new OtherLoads(
                  o.plainSets(),
                  o.bulbStrings().stream().filter(x -> !x.name().equals(p.id())).toList()));
    };
  }
}
