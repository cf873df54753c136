package bunting.files;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * A JSON object that knows its path, checks what is asked of it and remembers the keys that nobody
 * asked for.
 */
final class JsonFields {
  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();

  private static final int TEXT_MAX = 200;

  private final Path file;
  private final String path;
  private final JsonNode node;
  private final List<String> strays;
  private final Set<String> asked = new HashSet<>();

  private JsonFields(Path file, String path, JsonNode node, List<String> strays) {
    this.file = file;
    this.path = path;
    this.node = node;
    this.strays = strays;
  }

  /** Something that reads one object of a list. */
  @FunctionalInterface
  interface Reader<T> {
    T read(JsonFields fields) throws BadInputException;
  }

  static JsonFields parse(Path file, String text) throws BadInputException {
    JsonNode root;
    try (JsonParser parser = MAPPER.createParser(text)) {
      root = MAPPER.readTree(parser);
      if (root != null && parser.nextToken() != null) {
        throw BadInputException.of(
            file, "something stands after the end of the JSON object; take it away.");
      }
    } catch (JsonProcessingException e) {
      var at = e.getLocation();
      String where =
          at == null ? "" : "line " + at.getLineNr() + ", column " + at.getColumnNr() + ": ";
      boolean twice = e.getOriginalMessage().startsWith("Duplicate field");
      throw BadInputException.of(
          file,
          where
              + (twice
                  ? "this key stands twice in its object; keep one."
                  : "this is not sound JSON; look for a missing comma, quote or bracket."));
    } catch (java.io.IOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
    if (root == null || !root.isObject()) {
      throw BadInputException.of(file, "$ should be a JSON object, in curly brackets.");
    }
    return new JsonFields(file, "$", root, new ArrayList<>());
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
    Optional<JsonNode> value = get(key);
    if (value.isPresent()
        && (!value.get().isTextual() || value.get().textValue().length() > TEXT_MAX)) {
      throw wrong(key, "should be a text in quotes, of at most " + TEXT_MAX + " characters.");
    }
    return value.map(JsonNode::textValue).orElse(otherwise);
  }

  Optional<String> optionalText(String key) throws BadInputException {
    return has(key) ? Optional.of(text(key)) : Optional.empty();
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
    throw wrong(key, "should be one of " + String.join(", ", ids) + ".");
  }

  Optional<JsonFields> object(String key) throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isPresent() && !value.get().isObject()) {
      throw wrong(key, "should be an object in curly brackets.");
    }
    return value.map(v -> new JsonFields(file, at(key), v, strays));
  }

  /** The items of a list as nodes; empty where the key is absent. */
  Optional<List<JsonNode>> items(String key) throws BadInputException {
    Optional<JsonNode> value = get(key);
    if (value.isPresent() && !value.get().isArray()) {
      throw wrong(key, "should be a list in square brackets.");
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
      JsonFields fields = new JsonFields(file, at(here), item, strays);
      T value = reader.read(fields);
      if (!ids.add(id.apply(value))) {
        throw wrong(
            here,
            "has the id "
                + BadInputException.echo(id.apply(value))
                + " a second time; ids are unique.");
      }
      fields.done();
      list.add(value);
    }
    return Optional.of(list);
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

  /** Notes the keys that nobody asked for. */
  void done() {
    node.fieldNames()
        .forEachRemaining(
            key -> {
              if (!asked.contains(key)) {
                strays.add(at(key.length() > 60 ? key.substring(0, 60) : key));
              }
            });
  }

  List<String> strays() {
    return strays;
  }
}
