package bunting.core.show.edit;

import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Things on the elevation that are neither run nor box, and their changes. A change of a thing that
 * is not there (any more) leaves the show as it is.
 */
public final class PlaceEdits {
  /**
   * One of them.
   *
   * @param id its name; of a note, its number from 0
   */
  public record Place(PlaceKind kind, String id, String text, Point at) {}

  private PlaceEdits() {}

  /** All of a show. */
  public static List<Place> of(Show show) {
    List<Place> list = new ArrayList<>();
    for (Site s : show.mayAddBoxes() ? show.sites() : List.<Site>of()) {
      list.add(new Place(PlaceKind.SITE, s.id(), s.id(), s.at()));
    }
    for (Survey.Outlet o : show.survey().outlets()) {
      String circuit = o.circuit().filter(c -> !c.equals(o.id())).map(c -> ", " + c).orElse("");
      list.add(new Place(PlaceKind.OUTLET, o.id(), o.id() + circuit, o.at()));
    }
    for (Site n : show.survey().networkPoints()) {
      list.add(new Place(PlaceKind.NETWORK, n.id(), n.id(), n.at()));
    }
    List<Survey.Note> notes = show.survey().notes();
    for (int i = 0; i < notes.size(); i++) {
      list.add(new Place(PlaceKind.NOTE, "" + i, notes.get(i).text(), notes.get(i).at()));
    }
    for (PlainSet s : show.others().plainSets()) {
      list.add(new Place(PlaceKind.SET, s.name(), s.name(), s.at()));
    }
    for (BulbString b : show.others().bulbStrings()) {
      list.add(new Place(PlaceKind.BULBS, b.name(), b.name(), b.at()));
    }
    return list;
  }

  /** One of them, if it is there. */
  public static Optional<Place> find(Show show, PlaceKind kind, String id) {
    return of(show).stream().filter(p -> p.kind() == kind && p.id().equals(id)).findFirst();
  }

  /** A new outlet. */
  public static Show withOutlet(Show show, Point at) {
    List<Survey.Outlet> list = new ArrayList<>(show.survey().outlets());
    list.add(new Survey.Outlet(Names.free(show, "Outlet"), at, Optional.empty()));
    return show.withSurvey(show.survey().withOutlets(list));
  }

  /** A new network point. */
  public static Show withNetworkPoint(Show show, Point at) {
    List<Site> list = new ArrayList<>(show.survey().networkPoints());
    list.add(new Site(Names.free(show, "Network"), at));
    return show.withSurvey(show.survey().withNetworkPoints(list));
  }

  /** A new note. */
  public static Show withNote(Show show, Point at) {
    List<Survey.Note> list = new ArrayList<>(show.survey().notes());
    list.add(new Survey.Note("Note " + (list.size() + 1), at));
    return show.withSurvey(show.survey().withNotes(list));
  }

  /** A new plain set; where its name is taken, under the next free one. */
  public static Show withSet(Show show, PlainSet set) {
    PlainSet named =
        Names.isLight(show, set.name()) ? set.withName(Names.free(show, set.name())) : set;
    List<PlainSet> sets = new ArrayList<>(show.others().plainSets());
    sets.add(named);
    return show.withOthers(new OtherLoads(sets, show.others().bulbStrings()));
  }

  /** A new bulb string; where its name is taken, under the next free one. */
  public static Show withString(Show show, BulbString string) {
    BulbString named =
        Names.isLight(show, string.name())
            ? string.withName(Names.free(show, string.name()))
            : string;
    List<BulbString> strings = new ArrayList<>(show.others().bulbStrings());
    strings.add(named);
    return show.withOthers(new OtherLoads(show.others().plainSets(), strings));
  }

  /** A plain set changed; its name stays. */
  public static Show setChanged(Show show, String name, UnaryOperator<PlainSet> change) {
    return show.withOthers(
        new OtherLoads(
            each(
                show.others().plainSets(),
                s -> s.name().equals(name) ? change.apply(s).withName(name) : s),
            show.others().bulbStrings()));
  }

  /** A bulb string changed; its name stays. */
  public static Show stringChanged(Show show, String name, UnaryOperator<BulbString> change) {
    return show.withOthers(
        new OtherLoads(
            show.others().plainSets(),
            each(
                show.others().bulbStrings(),
                b -> b.name().equals(name) ? change.apply(b).withName(name) : b)));
  }

  /** The circuit of an outlet; empty: not known. */
  public static Show onCircuit(Show show, String outlet, Optional<String> circuit) {
    return show.withSurvey(
        show.survey()
            .withOutlets(
                each(
                    show.survey().outlets(),
                    o -> o.id().equals(outlet) ? new Survey.Outlet(o.id(), o.at(), circuit) : o)));
  }

  /** The words of a note; the note by its number. */
  public static Show noted(Show show, String number, String words) {
    return find(show, PlaceKind.NOTE, number)
        .map(p -> changed(show, p, words, p.at()))
        .orElse(show);
  }

  /**
   * One of them under another name; a plain set takes along what was handed out of it. The same
   * show where the name is no name, or something has it.
   */
  public static Show renamed(Show show, PlaceKind kind, String id, String to) {
    if (kind == PlaceKind.NOTE) {
      return noted(show, id, to);
    }
    Optional<Place> place = find(show, kind, id);
    if (place.isEmpty() || !Names.sound(to) || Names.taken(show).contains(to)) {
      return show;
    }
    boolean light = kind == PlaceKind.SET || kind == PlaceKind.BULBS;
    Show next =
        changed(show, place.get(), to, place.get().at())
            .withAccepted(show.accepted().map(a -> light ? a.lightRenamed(id, to) : a));
    return kind == PlaceKind.SET
        ? next.withAllotting(
            next.allotting()
                .withHandOut(next.allotting().handOut().map(h -> RunEdits.nailsRenamed(h, id, to))))
        : next;
  }

  /** One of them elsewhere. */
  public static Show movedTo(Show show, PlaceKind kind, String id, Point to) {
    return find(show, kind, id)
        .map(p -> changed(show, p, kind == PlaceKind.NOTE ? p.text() : id, to))
        .orElse(show);
  }

  /** One of them moved by so many metres. */
  public static Show moved(Show show, PlaceKind kind, String id, double dx, double dy, double dz) {
    return find(show, kind, id)
        .map(p -> movedTo(show, kind, id, p.at().plus(dx, dy, dz)))
        .orElse(show);
  }

  private static Show changed(Show show, Place p, String name, Point to) {
    Survey s = show.survey();
    OtherLoads o = show.others();
    return switch (p.kind()) {
      case SITE ->
          show.withSites(each(show.sites(), x -> x.id().equals(p.id()) ? new Site(name, to) : x))
              .withAccepted(show.accepted().map(a -> a.moved(p.at(), to)));
      case OUTLET ->
          show.withSurvey(
              s.withOutlets(
                  each(
                      s.outlets(),
                      x -> x.id().equals(p.id()) ? new Survey.Outlet(name, to, x.circuit()) : x)));
      case NETWORK ->
          show.withSurvey(
              s.withNetworkPoints(
                  each(s.networkPoints(), x -> x.id().equals(p.id()) ? new Site(name, to) : x)));
      case NOTE -> {
        List<Survey.Note> notes = new ArrayList<>(s.notes());
        notes.set(Integer.parseInt(p.id()), new Survey.Note(name, to));
        yield show.withSurvey(s.withNotes(notes));
      }
      case SET ->
          show.withOthers(
              new OtherLoads(
                  each(o.plainSets(), x -> x.name().equals(p.id()) ? x.withName(name).at(to) : x),
                  o.bulbStrings()));
      case BULBS ->
          show.withOthers(
              new OtherLoads(
                  o.plainSets(),
                  each(
                      o.bulbStrings(),
                      x -> x.name().equals(p.id()) ? x.withName(name).at(to) : x)));
    };
  }

  /** The show without one of them; what was handed out of a plain set stays. */
  public static Show removed(Show show, PlaceKind kind, String id) {
    Survey s = show.survey();
    OtherLoads o = show.others();
    if (find(show, kind, id).isEmpty()) {
      return show;
    }
    return switch (kind) {
      case SITE -> show.withSites(show.sites().stream().filter(x -> !x.id().equals(id)).toList());
      case OUTLET ->
          show.withSurvey(
              s.withOutlets(s.outlets().stream().filter(x -> !x.id().equals(id)).toList()));
      case NETWORK ->
          show.withSurvey(
              s.withNetworkPoints(
                  s.networkPoints().stream().filter(x -> !x.id().equals(id)).toList()));
      case NOTE -> {
        List<Survey.Note> notes = new ArrayList<>(s.notes());
        notes.remove(Integer.parseInt(id));
        yield show.withSurvey(s.withNotes(notes));
      }
      case SET ->
          show.withOthers(
              new OtherLoads(
                  o.plainSets().stream().filter(x -> !x.name().equals(id)).toList(),
                  o.bulbStrings()));
      case BULBS ->
          show.withOthers(
              new OtherLoads(
                  o.plainSets(),
                  o.bulbStrings().stream().filter(x -> !x.name().equals(id)).toList()));
    };
  }

  private static <T> List<T> each(List<T> list, UnaryOperator<T> change) {
    return list.stream().map(change).toList();
  }
}
