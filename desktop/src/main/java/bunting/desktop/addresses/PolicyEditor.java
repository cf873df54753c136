package bunting.desktop.addresses;

import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import bunting.desktop.kit.Choices;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How slots are given out. */
final class PolicyEditor {
  private static final double LABEL = 74;
  private static final double CONTROL = 178;
  private static final Pattern RANGE = Pattern.compile("(\\d{1,5})(?:-(\\d{1,5}))?(?:\\s+(.+))?");

  private final Session session;
  private final Addressing a;

  PolicyEditor(Session session, Show show) {
    this.session = session;
    this.a = show.addressing();
  }

  List<Node> rows() {
    Label title = new Label("How slots are given out");
    title.getStyleClass().add("heading-small");
    List<Node> rows = new ArrayList<>(List.of(title));
    rows.add(
        choice(
            "Protocol",
            "policy-protocol",
            Protocol.values(),
            Names::of,
            a.protocol(),
            (x, v) -> with(x, v, x.startUniverse(), x.split(), x.portStart())));
    rows.add(
        choice(
            "Pixels",
            "policy-split",
            SlotSplit.values(),
            Names::of,
            a.split(),
            (x, v) -> with(x, x.protocol(), x.startUniverse(), v, x.portStart())));
    rows.add(
        choice(
            "Ports",
            "policy-ports",
            PortStart.values(),
            Names::of,
            a.portStart(),
            (x, v) -> with(x, x.protocol(), x.startUniverse(), x.split(), v)));
    rows.add(field("Begin at", "policy-start", "" + a.startUniverse(), "1", this::start));
    rows.add(
        field(
            "Boxes at",
            "policy-every",
            a.boxStarts().every() == 0 ? "" : "" + a.boxStarts().every(),
            "after each other, or every",
            this::every));
    if (session.selection().get() instanceof Selection.OfBox box) {
      Integer at = a.boxStarts().at().get(box.controller());
      rows.add(
          field(
              box.controller(),
              "policy-box",
              at == null ? "" : at.toString(),
              "first universe of this box",
              text -> boxStart(box.controller(), text)));
    }
    rows.add(
        field(
            "Not ours",
            "policy-reserved",
            a.reserved().stream()
                .map(r -> (r.text() + " " + r.owner()).strip())
                .collect(Collectors.joining(", ")),
            "1-20 the sound desk, 100",
            this::reserved));
    return rows;
  }

  private static Addressing with(
      Addressing now, Protocol protocol, int start, SlotSplit split, PortStart ports) {
    return new Addressing(
        protocol,
        Math.min(start, protocol.universeMax()),
        split,
        ports,
        now.reserved(),
        now.boxStarts());
  }

  private void change(String what, UnaryOperator<Addressing> change) {
    session.edit(what, s -> s.withAddressing(change.apply(s.addressing())));
  }

  /** A change of the policy by a choice. */
  private interface Chosen<T> {
    Addressing apply(Addressing now, T value);
  }

  private <T> Node choice(
      String label, String id, T[] values, Function<T, String> name, T now, Chosen<T> change) {
    ComboBox<T> box = new ComboBox<>();
    box.setId(id);
    box.setPrefWidth(CONTROL);
    box.getItems().setAll(values);
    Choices.named(box, name);
    box.setValue(now);
    box.valueProperty()
        .addListener(
            (o, was, next) ->
                change(label + ": " + name.apply(next) + ".", x -> change.apply(x, next)));
    return row(label, box);
  }

  private static Node row(String label, Node control) {
    Label name = new Label(label);
    name.setMinWidth(LABEL);
    name.setMaxWidth(LABEL);
    name.setLabelFor(control);
    HBox row = new HBox(6, name, control);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  /** A field that takes its text at Enter; a sentence where it is wrong. */
  private static Node field(
      String label,
      String id,
      String now,
      String prompt,
      Function<String, Optional<String>> accept) {
    TextField text = new TextField(now);
    text.setId(id);
    text.setPrefWidth(CONTROL);
    text.setPromptText(prompt);
    Label problem = new Label();
    problem.getStyleClass().add("problem");
    problem.setWrapText(true);
    problem.managedProperty().bind(problem.textProperty().isNotEmpty());
    text.setOnAction(e -> problem.setText(accept.apply(text.getText().strip()).orElse("")));
    return new VBox(2, row(label, text), problem);
  }

  private Optional<Integer> universe(String text) {
    return text.matches("\\d{1,5}")
        ? Optional.of(Integer.valueOf(text)).filter(u -> u >= 1 && u <= a.protocol().universeMax())
        : Optional.empty();
  }

  private String wrong() {
    return "Give a universe from 1 to " + a.protocol().universeMax() + ".";
  }

  private Optional<String> start(String text) {
    Optional<Integer> first = universe(text);
    first.ifPresent(
        u ->
            change(
                "Begins at universe " + u + ".",
                x -> with(x, x.protocol(), u, x.split(), x.portStart())));
    return first.isPresent() ? Optional.empty() : Optional.of(wrong());
  }

  private Optional<String> every(String text) {
    Optional<Integer> n = text.isEmpty() ? Optional.of(0) : universe(text);
    n.ifPresent(
        v ->
            change(
                v == 0 ? "Boxes go on after each other." : "Boxes begin at multiples of " + v + ".",
                x -> x.with(new BoxStarts(v, x.boxStarts().at()))));
    return n.isPresent() ? Optional.empty() : Optional.of(wrong());
  }

  private Optional<String> boxStart(String box, String text) {
    Optional<Integer> u = universe(text);
    if (!text.isEmpty() && u.isEmpty()) {
      return Optional.of(wrong());
    }
    change(
        text.isEmpty() ? box + " begins where its turn comes." : box + " begins at " + text + ".",
        x -> {
          Map<String, Integer> at = new TreeMap<>(x.boxStarts().at());
          u.ifPresentOrElse(n -> at.put(box, n), () -> at.remove(box));
          return x.with(new BoxStarts(x.boxStarts().every(), at));
        });
    return Optional.empty();
  }

  private Optional<String> reserved(String text) {
    List<UniverseRange> ranges = new ArrayList<>();
    for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
      Matcher m = RANGE.matcher(part.strip());
      int first = m.matches() ? Integer.parseInt(m.group(1)) : 0;
      int last = m.matches() && m.group(2) != null ? Integer.parseInt(m.group(2)) : first;
      if (first < 1 || last < first || last > Protocol.SACN.universeMax()) {
        return Optional.of("Give universes and whose they are, such as 1-20 the sound desk, 100.");
      }
      String owner = m.group(3) == null ? "" : m.group(3);
      ranges.add(new UniverseRange(first, last, owner));
    }
    change(
        "Universes that are not ours are left out.",
        x ->
            new Addressing(
                x.protocol(), x.startUniverse(), x.split(), x.portStart(), ranges, x.boxStarts()));
    return Optional.empty();
  }
}
