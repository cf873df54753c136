package bunting.desktop.kit;

import bunting.core.limits.Range;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/**
 * Rows of a form, one under the other: a name, what is chosen or typed, its unit, and under it what
 * is wrong with it. What a row may hold is asked of the core's limits.
 */
public final class Form {
  private static final double SIDE_LABEL = 74;
  private static final double CHOICE = 178;

  private final double labelWidth;
  private final List<Node> rows = new ArrayList<>();
  private Optional<Node> first = Optional.empty();

  /** A form for a side panel. */
  public Form() {
    this(SIDE_LABEL);
  }

  /** A form whose names are so wide, pixels. */
  public Form(double labelWidth) {
    this.labelWidth = labelWidth;
  }

  /** The rows. */
  public List<Node> rows() {
    return rows;
  }

  /** What has the keyboard first; empty while nothing can be entered. */
  public Optional<Node> first() {
    return first;
  }

  /** What the rows below are about. */
  public void heading(String text) {
    rows.add(Words.subheading(text));
  }

  /** What is to be known of the rows around it. */
  public void words(String text) {
    rows.add(Words.softLines(text));
  }

  /** Something else. */
  public void add(Node node) {
    rows.add(node);
  }

  /** Rows that were made elsewhere. */
  public void addAll(List<Node> more) {
    rows.addAll(more);
  }

  private <N extends Node> N control(N control) {
    if (first.isEmpty()) {
      first = Optional.of(control);
    }
    return control;
  }

  /**
   * A text.
   *
   * @param take takes it; a sentence where it is wrong
   */
  public Entry text(
      String label, String id, String value, String unit, Function<String, Optional<String>> take) {
    Entry entry = new Entry(labelWidth, label, id, value, unit, take);
    control(entry.control());
    rows.add(entry.node());
    return entry;
  }

  /** A number in a range. */
  public Entry number(
      String label, String id, double value, String unit, Range range, DoubleConsumer take) {
    return text(
        label,
        id,
        Texts.number(value),
        unit,
        text -> {
          Optional<Double> v = Numbers.in(range, text);
          v.ifPresent(take::accept);
          return v.isPresent() ? Optional.empty() : Optional.of(Numbers.wanted(range));
        });
  }

  /** A whole number in a range. */
  public Entry whole(
      String label, String id, int value, String unit, Range range, IntConsumer take) {
    return text(
        label,
        id,
        Integer.toString(value),
        unit,
        text -> {
          Optional<Integer> v = Numbers.wholeIn(range, text);
          v.ifPresent(take::accept);
          return v.isPresent() ? Optional.empty() : Optional.of(Numbers.wantedWhole(range));
        });
  }

  /** A length in a range of metres, as the builder types lengths. */
  public Entry length(
      String label, String id, double metres, Lengths lengths, Range range, DoubleConsumer take) {
    return length(
        label,
        id,
        OptionalDouble.of(metres),
        lengths,
        range,
        v -> {
          v.ifPresent(take);
          return v.isPresent() ? Optional.empty() : Optional.of(lengths.wanted(range));
        });
  }

  /**
   * A length that may be left out.
   *
   * @param take takes it, or that it was taken away; a sentence where it is wrong
   */
  public Entry length(
      String label,
      String id,
      OptionalDouble metres,
      Lengths lengths,
      Range range,
      Function<OptionalDouble, Optional<String>> take) {
    return text(
        label,
        id,
        metres.isPresent() ? lengths.plain(metres.getAsDouble()) : "",
        lengths.unit(),
        text -> {
          Optional<Double> v = lengths.metres(text).filter(range::holds);
          return text.isEmpty()
              ? take.apply(OptionalDouble.empty())
              : v.isPresent()
                  ? take.apply(OptionalDouble.of(v.get()))
                  : Optional.of(lengths.wanted(range));
        });
  }

  /** One of several. */
  public <T> ComboBox<T> choice(
      String label, String id, List<T> of, Function<T, String> name, T now, Consumer<T> take) {
    ComboBox<T> box = control(new ComboBox<>());
    box.setId(id);
    box.setPrefWidth(CHOICE);
    box.getItems().setAll(of);
    Choices.named(box, name);
    box.setValue(now);
    box.valueProperty()
        .addListener(
            (o, was, next) -> {
              if (next != null) {
                take.accept(next);
              }
            });
    rows.add(row(labelWidth, label, box, ""));
    return box;
  }

  /** Yes or no, behind a name. */
  public CheckBox check(String label, String id, String text, boolean on, Consumer<Boolean> take) {
    CheckBox box = check(id, text, on, take);
    rows.add(row(labelWidth, label, box, ""));
    return box;
  }

  /** Yes or no, for itself. */
  public CheckBox alone(String id, String text, boolean on, Consumer<Boolean> take) {
    CheckBox box = check(id, text, on, take);
    rows.add(box);
    return box;
  }

  private CheckBox check(String id, String text, boolean on, Consumer<Boolean> take) {
    CheckBox box = control(new CheckBox(text));
    box.setId(id);
    box.setSelected(on);
    box.selectedProperty().addListener((o, was, now) -> take.accept(now));
    return box;
  }

  /** A button for itself. */
  public Button button(String id, String text, Runnable work) {
    Button button = control(Buttons.of(id, text, work));
    rows.add(button);
    return button;
  }

  static HBox row(double labelWidth, String label, Node control, String unit) {
    Label name = new Label(label);
    name.setMinWidth(labelWidth);
    name.setPrefWidth(labelWidth);
    name.setLabelFor(control);
    HBox row = new HBox(6, name, control);
    if (!unit.isBlank()) {
      row.getChildren().add(Words.soft(unit));
    }
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }
}
