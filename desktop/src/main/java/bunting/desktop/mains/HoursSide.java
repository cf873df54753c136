package bunting.desktop.mains;

import bunting.core.hookup.Standby;
import bunting.core.hours.Cities;
import bunting.core.show.Hours;
import bunting.core.show.MainsDevice;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.MainsEdits;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

/** Beside the nights: when, where and at what price, and what is cut while all is dark. */
final class HoursSide extends SidePanel {
  private static final int FIRST_SEASON_DAYS = 40;
  private static final double USUAL_PRICE = 0.3;

  private final HoursModel model;
  private final VBox form = new VBox(6);
  private final VBox dark = new VBox(5);
  private Optional<Hours> shown = Optional.empty();

  HoursSide(HoursModel model) {
    super("hours-side", 16);
    this.model = model;
    content().getChildren().addAll(form, dark);
    model.answer().addListener(o -> refresh());
    model.session().document().show().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    keepingFocus(
        () -> {
          Optional<Hours> now = model.said();
          if (!now.equals(shown) || form.getChildren().isEmpty()) {
            shown = now;
            form.getChildren().setAll(now.map(this::form).orElseGet(this::begin));
          }
          dark.getChildren().setAll(now.map(this::dark).orElse(List.of()));
        });
  }

  private List<Node> begin() {
    List<Node> rows = new ArrayList<>();
    if (model.session().show().isPresent()) {
      rows.add(
          Words.softLines(
              "Nobody has said yet when the show is lit. The sun's times are worked out here, from"
                  + " the place and the date."));
      rows.add(Buttons.of("hours-begin", "Say when it is lit", this::first));
    }
    return rows;
  }

  /** From today on, in the city of this machine's clock, until 22:30. */
  private void first() {
    Hours.Place place =
        Cities.of(ZoneId.systemDefault())
            .map(Cities.City::place)
            .orElseGet(() -> Cities.of(ZoneId.of("Europe/London")).orElseThrow().place());
    LocalDate today = LocalDate.now(place.zone());
    model
        .session()
        .edit(
            "The hours were begun.",
            s ->
                MainsEdits.withHours(
                    s,
                    new Hours(
                        new Hours.Season(today, today.plusDays(FIRST_SEASON_DAYS)),
                        place,
                        Optional.empty(),
                        0,
                        Optional.of(LocalTime.of(22, 30)),
                        Hours.USUAL_PERCENT,
                        List.of(),
                        new Hours.Tariff(USUAL_PRICE, s.settings().currency()),
                        Hours.Apart.NONE)));
  }

  private List<Node> form(Hours hours) {
    List<Node> rows = new ArrayList<>();
    rows.add(Words.subheading("When it is lit"));
    rows.addAll(HoursForm.of(model.session(), hours).rows());
    return rows;
  }

  private List<Node> dark(Hours hours) {
    List<Node> rows = new ArrayList<>();
    rows.add(Words.subheading("Cut while all is dark"));
    rows.add(
        Words.softLines(
            "Dark is not off: each pixel goes on drawing about a milliamp. A relay or timer cuts"
                + " supplies; boards, players and the network stay on, each on a small supply of"
                + " its own, with the link between the two supplies of a box opened."));
    for (Standby.Dark d : model.answer().get().map(HoursModel.Answer::standby).orElse(List.of())) {
      boolean cut = hours.switched().contains(d.supply());
      rows.add(row(d.supply(), d.supply() + " · " + Texts.fixed(d.darkWatts(), 1) + " W", cut));
      if (cut && !d.reboots().isEmpty()) {
        rows.add(
            Words.softLines(
                "! " + String.join(", ", d.reboots()) + " starts anew each evening with it."));
      }
    }
    List<MainsDevice> devices =
        model.session().show().map(Show::mains).map(m -> m.devices()).orElse(List.of());
    for (MainsDevice d : devices) {
      rows.add(
          row(
              d.id(),
              d.id() + " · " + Texts.number(d.watts()) + " W",
              hours.switched().contains(d.id())));
    }
    return rows;
  }

  private Node row(String id, String text, boolean cut) {
    CheckBox box = new CheckBox(text);
    box.setId("cut-" + id.replaceAll("\\W+", "-"));
    box.setSelected(cut);
    box.setOnAction(
        e ->
            model
                .session()
                .edit(
                    id + (box.isSelected() ? " is cut while all is dark." : " stays on."),
                    s ->
                        s.mains()
                            .hours()
                            .map(h -> MainsEdits.withHours(s, h.switching(id, box.isSelected())))
                            .orElse(s)));
    return box;
  }
}
