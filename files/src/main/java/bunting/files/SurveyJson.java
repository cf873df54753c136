package bunting.files;

import bunting.core.show.Circuit;
import bunting.core.show.Picture;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.core.show.Underlay;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What stands on the elevation besides runs and boxes, in a show file; the underlay is inside. */
final class SurveyJson {
  private SurveyJson() {}

  static Survey read(JsonFields in, Show bare) throws BadInputException {
    JsonFields f = in.object("survey").orElse(null);
    if (f == null) {
      return Survey.EMPTY;
    }
    Set<String> circuits =
        bare.circuits().orElse(List.of()).stream().map(Circuit::id).collect(Collectors.toSet());
    Survey survey =
        new Survey(
            f.flag("feet", false),
            underlay(f),
            f.list("outlets", o -> outlet(o, circuits), Survey.Outlet::id).orElse(List.of()),
            f.list("networkPoints", SurveyJson::site, Site::id).orElse(List.of()),
            notes(f));
    f.done();
    return survey;
  }

  private static Site site(JsonFields f) throws BadInputException {
    return new Site(f.text("id"), f.number("xM", Range.PLACE), f.number("yM", Range.PLACE));
  }

  private static Survey.Outlet outlet(JsonFields f, Set<String> circuits) throws BadInputException {
    Optional<String> circuit = f.optionalText("circuit");
    if (circuit.isPresent() && !circuits.contains(circuit.get())) {
      throw f.wrong("circuit", "should be the id of a circuit of this show.");
    }
    return new Survey.Outlet(f.text("id"), OthersJson.place(f), circuit);
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
    Picture picture;
    try {
      picture = Pictures.of(f.text("name"), bytes);
    } catch (BadInputException e) {
      throw f.wrong("base64", "should be a PNG, a JPEG or a plain SVG picture.");
    }
    Underlay underlay =
        new Underlay(
            picture,
            OthersJson.place(f),
            f.number("metresPerUnit", Range.aboveTo(0, 1000)),
            f.number("turnDeg", Range.between(-360, 360), 0),
            f.number("opacityPercent", Range.between(0, 100), 55),
            f.flag("scaled", true));
    f.done();
    return Optional.of(underlay);
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
