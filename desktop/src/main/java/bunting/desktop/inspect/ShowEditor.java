package bunting.desktop.inspect;

import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.core.show.Underlay;
import bunting.core.show.edit.Names;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;

/** What is edited of the show as a whole. */
final class ShowEditor {
  private final Session session;
  private final List<Node> rows = new ArrayList<>();
  private final Field name;

  ShowEditor(Session session, Show show) {
    this.session = session;
    ShowSettings now = show.settings();
    name = new Field("Name", "edit-show-name", now.name(), "", this::name);
    rows.add(name.node());
    rows.add(
        new Field(
                "Brightness",
                "edit-brightness",
                Texts.number(now.brightnessPercent()),
                "% of white",
                this::brightness)
            .node());
    CheckBox feet = new CheckBox("feet and inches");
    feet.setId("edit-feet");
    feet.setSelected(show.survey().feet());
    feet.selectedProperty()
        .addListener(
            (o, before, on) ->
                session.edit(
                    on ? "Lengths in feet." : "Lengths in metres.",
                    s -> s.withSurvey(s.survey().withFeet(on))));
    rows.add(Field.row("Lengths", feet, ""));
    show.survey().underlay().ifPresent(this::underlay);
  }

  private void underlay(Underlay u) {
    Label picture =
        new Label(
            "Picture: "
                + u.picture().name()
                + (u.scaled() ? ", to scale" : ", not to scale yet: S on the elevation"));
    picture.setWrapText(true);
    picture.getStyleClass().add("heading-small");
    rows.add(picture);
    rows.add(number("Shows", "edit-opacity", u.opacityPercent(), "%", 0, 100, Underlay::dimmedTo));
    rows.add(number("Turned", "edit-turn", u.turnDeg(), "°", -360, 360, Underlay::turnedTo));
    rows.add(
        number(
            "Left edge",
            "edit-picture-x",
            u.origin().x(),
            "m",
            -100_000,
            100_000,
            (now, v) -> now.moved(v - now.origin().x(), 0)));
    rows.add(
        number(
            "Lower edge",
            "edit-picture-y",
            u.origin().y(),
            "m",
            -100_000,
            100_000,
            (now, v) -> now.moved(0, v - now.origin().y())));
  }

  /** A change of the picture by a number. */
  private interface ByNumber {
    Underlay apply(Underlay now, double value);
  }

  private Node number(
      String label,
      String id,
      double now,
      String unit,
      double least,
      double most,
      ByNumber change) {
    return new Field(
            label,
            id,
            Texts.number(now),
            unit,
            text -> {
              Optional<Double> v = Numbers.signed(text).filter(d -> d >= least && d <= most);
              v.ifPresent(
                  d ->
                      session.edit(
                          "The picture lies otherwise.",
                          s ->
                              s.withSurvey(
                                  s.survey()
                                      .withUnderlay(
                                          s.survey().underlay().map(u -> change.apply(u, d))))));
              return v.isPresent()
                  ? Optional.empty()
                  : Optional.of(
                      "Give a number from "
                          + Texts.number(least)
                          + " to "
                          + Texts.number(most)
                          + ".");
            })
        .node();
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of("Give it a name of 1 to 200 characters.");
    }
    session.edit(
        "The show is called " + text + ".", s -> s.withSettings(s.settings().withName(text)));
    return Optional.empty();
  }

  private Optional<String> brightness(String text) {
    Optional<Double> value = Numbers.decimal(text).filter(v -> v >= 0 && v <= 100);
    value.ifPresent(
        v ->
            session.edit(
                "Brightness " + Texts.number(v) + " %.",
                s -> s.withSettings(s.settings().withBrightness(v))));
    return value.isPresent() ? Optional.empty() : Optional.of("Give a number from 0 to 100.");
  }

  List<Node> rows() {
    return rows;
  }

  Node firstField() {
    return name.control();
  }
}
