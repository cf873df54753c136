package bunting.files;

import bunting.core.limits.Counts;
import bunting.core.limits.Range;
import bunting.core.show.Leftovers;
import bunting.core.show.Leftovers.Dropped;
import bunting.core.show.Leftovers.Step;
import bunting.core.show.Leftovers.Stray;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;

/**
 * A JSON object that knows its path, checks what is asked of it and remembers the keys that nobody
 * asked for.
 */
final class JsonFields implements Shape.Values {
  private static final int TEXT_MAX = Names.LENGTH_MAX;

  private final Path file;
  private final String path;
  private final JsonNode node;
  private final List<Step> steps;
  private final List<Stray> strays;
  private final List<Dropped> dropped;
  private final Set<String> asked = new HashSet<>();

  private JsonFields(
      Path file,
      String path,
      JsonNode node,
      List<Step> steps,
      List<Stray> strays,
      List<Dropped> dropped) {
    this.file = file;
    this.path = path;
    this.node = node;
    this.steps = steps;
    this.strays = strays;
    this.dropped = dropped;
  }

  /** Something that reads one object of a list. */
  @FunctionalInterface
  interface Reader<T> {
    T read(JsonFields fields) throws BadInputException;
  }

  static JsonFields parse(Path file, String text) throws BadInputException {
    JsonNode root = JsonText.root(file, text);
    return new JsonFields(file, "$", root, List.of(), new ArrayList<>(), new ArrayList<>());
  }

  BadInputException wrong(String key, String what) {
    return BadInputException.of(file, at(key) + " " + what);
  }

  private String at(String key) {
    return path + "." + key.replaceAll("[^\\w\\[\\]-]", "_");
  }

  boolean has(String key) {
    asked.add(key);
    return node.has(key);
  }

  private Optional<JsonNode> get(String key) {
    asked.add(key);
    return Optional.ofNullable(node.get(key));
  }

  private JsonNode need(String key, String what) throws BadInputException {
    JsonNode value = get(key).orElse(null);
    if (value == null) {
      throw wrong(key, "is missing; give " + what + ".");
    }
    return value;
  }

  @Override
  public <V> Optional<V> maybe(Field<?, V> field) throws BadInputException {
    if (!has(field.key())) {
      return Optional.empty();
    }
    Optional<V> value = field.read(node);
    if (value.isEmpty()) {
      OptionalInt item = field.spoiltItem(node);
      throw item.isPresent()
          ? wrong(
              field, item.getAsInt(), "does not belong there: it should be " + field.wanted() + ".")
          : wrong(field, "should be " + field.wanted() + ".");
    }
    return value;
  }

  @Override
  public BadInputException wrong(Field<?, ?> field, int item, String what) {
    return wrong(field.key() + "[" + item + "]", what);
  }

  @Override
  public BadInputException wrong(Field<?, ?> field, String what) {
    return wrong(field.key(), what);
  }

  @Override
  public BadInputException missing(Field<?, ?> field) {
    return wrong(field.key(), "is missing; give " + field.wanted() + ".");
  }

  String text(String key) throws BadInputException {
    JsonNode value = need(key, "a text in quotes");
    if (!value.isTextual()
        || value.textValue().isBlank()
        || value.textValue().length() > TEXT_MAX) {
      throw wrong(key, "should be a text in quotes, of 1 to " + TEXT_MAX + " characters.");
    }
    return value.textValue();
  }

  /** A text that names nothing: it may be empty. */
  String text(String key, String otherwise) throws BadInputException {
    return text(key, otherwise, TEXT_MAX);
  }

  /** The same, of at most so many characters. */
  String text(String key, String otherwise, int most) throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isPresent()
        && (!value.get().isTextual() || value.get().textValue().length() > most)) {
      throw wrong(key, "should be a text in quotes, of at most " + most + " characters.");
    }
    return value.map(JsonNode::textValue).orElse(otherwise);
  }

  Optional<String> optionalText(String key) throws BadInputException {
    return has(key) ? Optional.of(text(key)) : Optional.empty();
  }

  /** A text that may be empty; what is longer than a name may be is cut, and told. */
  String cutText(String key, String otherwise) throws BadInputException {
    String text = has(key) ? longText(key) : otherwise;
    if (text.length() > TEXT_MAX) {
      drop(
          Optional.empty(),
          at(key) + " had over " + TEXT_MAX + " characters: the end of it is cut off.");
    }
    return Names.shortened(text);
  }

  /** A text of any length. */
  String longText(String key) throws BadInputException {
    JsonNode value = need(key, "a text in quotes");
    if (!value.isTextual()) {
      throw wrong(key, "should be a text in quotes.");
    }
    return value.textValue();
  }

  boolean flag(String key, boolean otherwise) throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isPresent() && !value.get().isBoolean()) {
      throw wrong(key, "should be true or false.");
    }
    return value.map(JsonNode::booleanValue).orElse(otherwise);
  }

  double number(String key, Range range) throws BadInputException {
    JsonNode value = need(key, "a number " + range.text());
    if (!value.isNumber() || !range.holds(value.doubleValue())) {
      throw wrong(key, "should be a number " + range.text() + ".");
    }
    return value.doubleValue();
  }

  double number(String key, Range range, double otherwise) throws BadInputException {
    return has(key) ? number(key, range) : otherwise;
  }

  int whole(String key, Range range) throws BadInputException {
    double value = number(key, range);
    if (value != Math.rint(value) || Math.abs(value) > Integer.MAX_VALUE) {
      throw wrong(key, "should be a whole number " + range.text() + ".");
    }
    return (int) value;
  }

  int whole(String key, Range range, int otherwise) throws BadInputException {
    return has(key) ? whole(key, range) : otherwise;
  }

  <E extends Enum<E>> E choice(String key, E[] values, Function<E, String> id, E otherwise)
      throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isEmpty()) {
      return otherwise;
    }
    List<String> ids = new ArrayList<>();
    for (E e : values) {
      if (value.get().isTextual() && id.apply(e).equals(value.get().textValue())) {
        return e;
      }
      ids.add("\"" + id.apply(e) + "\"");
    }
    throw wrong(key, given(value.get()) + "should be one of " + String.join(", ", ids) + ".");
  }

  /** What a text says, to be named in a sentence; empty for anything else. */
  private static String given(JsonNode value) {
    return value.isTextual() ? BadInputException.echo(value.textValue()) + " " : "";
  }

  Optional<JsonFields> object(String key) throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isPresent() && !value.get().isObject()) {
      throw wrong(key, "should be an object in curly brackets.");
    }
    return value.map(v -> new JsonFields(file, at(key), v, below(Step.key(key)), strays, dropped));
  }

  /** The items of a list as nodes; empty where the key is absent. */
  Optional<List<JsonNode>> items(String key) throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isPresent() && !value.get().isArray()) {
      throw wrong(key, "should be a list in square brackets.");
    }
    Optional<String> tooLong = Counts.tooLong(key, value.map(JsonNode::size).orElse(0));
    if (tooLong.isPresent()) {
      throw wrong(key, tooLong.get());
    }
    return value.map(
        v -> {
          List<JsonNode> list = new ArrayList<>();
          v.forEach(list::add);
          return list;
        });
  }

  /** A list of objects with unique ids; empty where the key is absent. */
  <T> Optional<List<T>> list(String key, Reader<T> reader, Function<T, String> id)
      throws BadInputException {
    Optional<List<JsonNode>> items = items(key);
    if (items.isEmpty()) {
      return Optional.empty();
    }
    List<T> list = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    for (JsonNode item : items.get()) {
      String here = key + "[" + list.size() + "]";
      if (!item.isObject()) {
        throw wrong(here, "should be an object in curly brackets.");
      }
      List<Stray> own = new ArrayList<>();
      JsonFields fields =
          new JsonFields(
              file, at(here), item, below(Step.key(key), new Step("", list.size())), own, dropped);
      T value = reader.read(fields);
      if (!ids.add(id.apply(value))) {
        throw wrong(
            here,
            "has the id "
                + BadInputException.echo(id.apply(value))
                + " a second time; ids are unique.");
      }
      fields.done();
      own.forEach(s -> strays.add(named(s, steps.size() + 1, id.apply(value))));
      list.add(value);
    }
    return Optional.of(list);
  }

  /** A list of things that have no ids; empty where the key is absent. */
  <T> List<T> things(String key, Shape<T> shape) throws BadInputException {
    List<T> things = new ArrayList<>();
    list(
        key,
        f -> {
          things.add(shape.read(f));
          return things.size();
        },
        String::valueOf);
    return things;
  }

  /** A list of texts; empty where the key is absent. */
  Optional<List<String>> texts(String key) throws BadInputException {
    Optional<List<JsonNode>> items = items(key);
    List<String> list = new ArrayList<>();
    for (JsonNode item : items.orElse(List.of())) {
      if (!item.isTextual()) {
        throw wrong(key + "[" + list.size() + "]", "should be a text in quotes.");
      }
      list.add(item.textValue());
    }
    return items.map(i -> list);
  }

  /** Every key with its value as text, for notes. */
  Map<String, String> allTexts() throws BadInputException {
    Map<String, String> map = new java.util.LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> e : node.properties()) {
      if (!e.getValue().isTextual()) {
        throw wrong(e.getKey(), "should be a text in quotes.");
      }
      map.put(e.getKey(), e.getValue().textValue());
    }
    return map;
  }

  private List<Step> below(Step... more) {
    List<Step> all = new ArrayList<>(steps);
    all.addAll(List.of(more));
    return all;
  }

  /** A stray of an item, now that the item's id is known. */
  private static Stray named(Stray stray, int at, String id) {
    List<Step> path = new ArrayList<>(stray.path());
    path.set(at, new Step(id, path.get(at).index()));
    return new Stray(path, stray.where(), stray.json());
  }

  /** Notes the keys that nobody asked for. */
  void done() {
    for (Map.Entry<String, JsonNode> e : node.properties()) {
      String key = e.getKey();
      if (!asked.contains(key)) {
        String where = at(key.length() > 60 ? key.substring(0, 60) : key);
        strays.add(new Stray(below(Step.key(key)), where, e.getValue().toString()));
      }
    }
  }

  /** Notes what has to be left out. */
  void drop(Optional<String> run, String what) {
    dropped.add(new Dropped(run, what));
  }

  /** What nobody asked for, and what was left out. */
  Leftovers leftovers() {
    return new Leftovers(strays, dropped);
  }
}
