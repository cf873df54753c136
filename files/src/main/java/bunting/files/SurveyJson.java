package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.core.show.Underlay;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Optional;

/** What stands on the elevation besides runs and boxes, in a show file; the underlay is inside. */
final class SurveyJson {
  private SurveyJson() {}

  static Survey read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("survey").orElse(null);
    if (f == null) {
      return Survey.EMPTY;
    }
    Survey survey =
        new Survey(
            f.flag("feet", false),
            underlay(f),
            f.list("outlets", SurveyJson::outlet, Survey.Outlet::id).orElse(List.of()),
            f.list("networkPoints", SurveyJson::site, Site::id).orElse(List.of()),
            notes(f));
    f.done();
    return survey;
  }

  private static Site site(JsonFields f) throws BadInputException {
    return new Site(f.text("id"), f.number("xM", Range.PLACE), f.number("yM", Range.PLACE));
  }

  private static Survey.Outlet outlet(JsonFields f) throws BadInputException {
    return new Survey.Outlet(f.text("id"), OthersJson.place(f), f.optionalText("circuit"));
  }

  private static List<Survey.Note> notes(JsonFields f) throws BadInputException {
    List<Survey.Note> notes = new java.util.ArrayList<>();
    f.list(
        "notes",
        n -> {
          notes.add(new Survey.Note(n.text("text"), OthersJson.place(n)));
          return notes.size();
        },
        String::valueOf);
    return notes;
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
    Point corner = OthersJson.place(f);
    double scale = f.number("metresPerUnit", Range.METRES_PER_UNIT);
    double turn = f.number("turnDeg", Range.DEGREES, 0);
    double opacity = f.number("opacityPercent", Range.PERCENT, 55);
    boolean scaled = f.flag("scaled", true);
    String name = f.cutText("name", "picture");
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
          s.put("feet", survey.feet());
          if (survey.underlay().isPresent()) {
            Underlay u = survey.underlay().get();
            s.object(
                "underlay",
                j ->
                    j.put("name", u.picture().name())
                        .put("xM", u.origin().x())
                        .put("yM", u.origin().y())
                        .put("metresPerUnit", u.metresPerUnit())
                        .put("turnDeg", u.turnDeg())
                        .put("opacityPercent", u.opacityPercent())
                        .put("scaled", u.scaled())
                        .put("base64", Base64.getEncoder().encodeToString(u.picture().bytes())));
          }
          s.list(
              "outlets",
              survey.outlets(),
              (j, o) -> {
                j.put("id", o.id()).put("xM", o.at().x()).put("yM", o.at().y());
                if (o.circuit().isPresent()) {
                  j.put("circuit", o.circuit().get());
                }
              });
          s.list(
              "networkPoints",
              survey.networkPoints(),
              (j, n) -> j.put("id", n.id()).put("xM", n.x()).put("yM", n.y()));
          s.list(
              "notes",
              survey.notes(),
              (j, n) -> j.put("text", n.text()).put("xM", n.at().x()).put("yM", n.at().y()));
        });
  }
}
