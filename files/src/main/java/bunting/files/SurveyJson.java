package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Face;
import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.core.show.Underlay;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What stands on the elevation besides runs and boxes, in a show file; the underlay is inside. */
final class SurveyJson {
  private static final Field<Survey, Boolean> FEET =
      Field.each("feet", "whether lengths are shown in feet", Kind.flag(), Survey::feet)
          .usually(false);

  private static final Field<Survey.Outlet, String> OUTLET =
      Field.each("id", "no two are the same", Kind.text(Names.LENGTH_MAX), Survey.Outlet::id);
  private static final Field<Survey.Outlet, Double> OUTLET_X = LightFields.x(o -> o.at().x());
  private static final Field<Survey.Outlet, Double> OUTLET_Y = LightFields.y(o -> o.at().y());
  private static final Field<Survey.Outlet, Double> OUTLET_Z = LightFields.z(o -> o.at().z());
  private static final Field<Survey.Outlet, String> CIRCUIT =
      new Field<>(
          "circuit", "whose outlet it is", Kind.text(Names.LENGTH_MAX), Survey.Outlet::circuit);

  /** An outlet of the mains. */
  static final Shape<Survey.Outlet> OUTLETS =
      new Shape<>(
          List.of(OUTLET, OUTLET_X, OUTLET_Y, OUTLET_Z, CIRCUIT),
          v ->
              new Survey.Outlet(
                  v.of(OUTLET),
                  new Point(v.of(OUTLET_X), v.of(OUTLET_Y), v.of(OUTLET_Z)),
                  v.maybe(CIRCUIT)));

  private static final Field<Site, String> POINT =
      Field.each("id", "no two are the same", Kind.text(Names.LENGTH_MAX), Site::id);
  private static final Field<Site, Double> POINT_X =
      Field.each("xM", "where it is, across", Kind.number(Range.PLACE), Site::x);
  private static final Field<Site, Double> POINT_Y =
      Field.each("yM", "where it is, upwards", Kind.number(Range.PLACE), Site::y);
  private static final Field<Site, Double> POINT_Z = LightFields.z(Site::z);

  /** Where the network can be joined. */
  static final Shape<Site> POINTS =
      new Shape<>(
          List.of(POINT, POINT_X, POINT_Y, POINT_Z),
          v -> new Site(v.of(POINT), v.of(POINT_X), v.of(POINT_Y), v.of(POINT_Z)));

  private static final Field<Survey.Note, String> TEXT =
      Field.each("text", "in words", Kind.text(Names.LENGTH_MAX), Survey.Note::text);
  private static final Field<Survey.Note, Double> NOTE_X = LightFields.x(n -> n.at().x());
  private static final Field<Survey.Note, Double> NOTE_Y = LightFields.y(n -> n.at().y());
  private static final Field<Survey.Note, Double> NOTE_Z = LightFields.z(n -> n.at().z());

  /** A note that is pinned to the elevation. */
  static final Shape<Survey.Note> NOTES =
      new Shape<>(
          List.of(TEXT, NOTE_X, NOTE_Y, NOTE_Z),
          v -> new Survey.Note(v.of(TEXT), new Point(v.of(NOTE_X), v.of(NOTE_Y), v.of(NOTE_Z))));

  private static final Field<Face, String> FACE =
      Field.each("name", "no two are the same", Kind.text(Names.LENGTH_MAX), Face::name);
  private static final Field<Face, Double> FROM_X = corner("fromXM", "begins, across", Face::fromX);
  private static final Field<Face, Double> FROM_Z =
      corner("fromZM", "begins, away from the front", Face::fromZ);
  private static final Field<Face, Double> TO_X = corner("toXM", "ends, across", Face::toX);
  private static final Field<Face, Double> TO_Z =
      corner("toZM", "ends, away from the front", Face::toZ);

  /** A vertical sheet beside the front; its left corner seen from outside comes first. */
  static final Shape<Face> FACES =
      new Shape<>(
          List.of(FACE, FROM_X, FROM_Z, TO_X, TO_Z),
          v -> new Face(v.of(FACE), v.of(FROM_X), v.of(FROM_Z), v.of(TO_X), v.of(TO_Z)));

  private static Field<Face, Double> corner(String key, String what, Function<Face, Double> of) {
    return Field.each(key, "where it " + what, Kind.number(Range.PLACE), of);
  }

  private static final Field<Underlay, String> NAME =
      Field.each(
          "name",
          "what the picture was called",
          Kind.textOrNone(Names.LENGTH_MAX),
          u -> u.picture().name());
  private static final Field<Underlay, Double> LEFT = LightFields.x(u -> u.origin().x());
  private static final Field<Underlay, Double> BOTTOM = LightFields.y(u -> u.origin().y());
  private static final Field<Underlay, Double> SCALE =
      Field.each(
          "metresPerUnit",
          "metres of one of its units",
          Kind.number(Range.METRES_PER_UNIT),
          Underlay::metresPerUnit);
  private static final Field<Underlay, Double> TURN =
      Field.each("turnDeg", "how it is turned", Kind.number(Range.DEGREES), Underlay::turnDeg)
          .usually(0.0);
  private static final Field<Underlay, Double> OPACITY =
      Field.each(
              "opacityPercent",
              "how strongly it shows",
              Kind.number(Range.PERCENT),
              Underlay::opacityPercent)
          .usually(55.0);
  private static final Field<Underlay, Boolean> SCALED =
      Field.each("scaled", "whether somebody gave it its measure", Kind.flag(), Underlay::scaled)
          .usually(true);
  private static final List<Field<Underlay, ?>> UNDERLAY =
      List.of(NAME, LEFT, BOTTOM, SCALE, TURN, OPACITY, SCALED);

  private SurveyJson() {}

  static Survey read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("survey").orElse(null);
    if (f == null) {
      return Survey.EMPTY;
    }
    Survey survey =
        new Survey(
            f.of(FEET),
            underlay(f),
            f.list("outlets", OUTLETS::read, Survey.Outlet::id).orElse(List.of()),
            f.list("networkPoints", POINTS::read, Site::id).orElse(List.of()),
            f.things("notes", NOTES),
            f.list("faces", SurveyJson::face, Face::name).orElse(List.of()));
    f.done();
    return survey;
  }

  private static Face face(JsonFields f) throws BadInputException {
    Face face = FACES.read(f);
    if (face.name().equals(Face.FRONT)) {
      throw f.wrong("name", "is that of the sheet which every site has; choose another.");
    }
    if (face.widthM() < Face.LEAST_M) {
      throw f.wrong("toXM", "makes a face of no width; give two corners apart.");
    }
    return face.withUnderlay(underlay(f));
  }

  private static Optional<Underlay> underlay(JsonFields in) throws BadInputException {
    JsonFields f = in.object("underlay").orElse(null);
    if (f == null) {
      return Optional.empty();
    }
    byte[] bytes;
    try {
      bytes = Base64.getDecoder().decode(f.longText("base64"));
    } catch (IllegalArgumentException e) {
      throw f.wrong("base64", "should be the picture's bytes in base64.");
    }
    String name = f.cutText("name", "picture");
    Point corner = new Point(f.of(LEFT), f.of(BOTTOM));
    double scale = f.of(SCALE);
    double turn = f.of(TURN);
    double opacity = f.of(OPACITY);
    boolean scaled = f.of(SCALED);
    f.done();
    try {
      Picture picture = Pictures.of(name, bytes);
      return Optional.of(new Underlay(picture, corner, scale, turn, opacity, scaled));
    } catch (BadInputException e) {
      f.drop(Optional.empty(), "The picture " + name + " is left out: " + e.getMessage());
      return Optional.empty();
    }
  }

  static void write(Json json, Survey survey) throws IOException {
    if (survey.equals(Survey.EMPTY)) {
      return;
    }
    json.object(
        "survey",
        s -> {
          Shape.write(s, List.of(FEET), survey);
          picture(s, survey.underlay());
          s.list("outlets", survey.outlets(), OUTLETS::write);
          s.list("networkPoints", survey.networkPoints(), POINTS::write);
          s.list("notes", survey.notes(), NOTES::write);
          if (!survey.faces().isEmpty()) {
            s.list(
                "faces",
                survey.faces(),
                (j, f) -> {
                  FACES.write(j, f);
                  picture(j, f.underlay());
                });
          }
        });
  }

  private static void picture(Json json, Optional<Underlay> underlay) throws IOException {
    if (underlay.isPresent()) {
      json.object(
          "underlay",
          j -> {
            Shape.write(j, UNDERLAY, underlay.get());
            j.put("base64", Base64.getEncoder().encodeToString(underlay.get().picture().bytes()));
          });
    }
  }
}
