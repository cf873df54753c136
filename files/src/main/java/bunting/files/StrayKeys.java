package bunting.files;

import bunting.core.show.Leftovers.Step;
import bunting.core.show.Leftovers.Stray;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.cfg.JsonNodeFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;

/**
 * Keys that this Bunting does not know, put back where they stood: below the same keys, and in the
 * item of a list that has the same id (where items have none, in the same place). Where the object
 * is not there any more, they go with it.
 */
final class StrayKeys {
  /** What an item of one of our lists is told by, the first that it has. */
  private static final List<String> IDS = List.of("id", "name", "type");

  private static final JsonMapper MAPPER =
      JsonMapper.builder(
              com.fasterxml.jackson.core.JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder().maxStringLength(Integer.MAX_VALUE).build())
                  .build())
          .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
          .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
          .build();

  private StrayKeys() {}

  static byte[] putBack(byte[] document, List<Stray> strays) {
    if (strays.isEmpty()) {
      return document;
    }
    try {
      ObjectNode root = (ObjectNode) MAPPER.readTree(document);
      for (Stray stray : strays) {
        put(root, stray);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      try (JsonGenerator out = MAPPER.createGenerator(bytes)) {
        out.setPrettyPrinter(Json.printer());
        MAPPER.writeTree(out, root);
      }
      bytes.write('\n');
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be read or written", e);
    }
  }

  private static void put(ObjectNode root, Stray stray) throws IOException {
    JsonNode at = root;
    List<Step> path = stray.path();
    for (int i = 0; i < path.size() - 1; i++) {
      Step step = path.get(i);
      boolean list = path.get(i + 1).isItem();
      if (at instanceof ObjectNode object && !list && !step.isItem() && !at.has(step.name())) {
        // A part that is all default is not written; the stray keeps it. A list that is gone is
        // not.
        object.putObject(step.name());
      }
      at = step.isItem() ? item(at, step) : at.path(step.name());
    }
    String key = path.getLast().name();
    if (at instanceof ObjectNode object && !object.has(key)) {
      object.set(key, MAPPER.readTree(stray.json()));
    }
  }

  private static JsonNode item(JsonNode list, Step step) {
    for (JsonNode item : list) {
      String id =
          IDS.stream().filter(item::has).findFirst().map(k -> item.get(k).asText()).orElse("");
      if (id.equals(step.name())) {
        return item;
      }
    }
    boolean named = !list.isEmpty() && IDS.stream().anyMatch(list.get(0)::has);
    return named
        ? com.fasterxml.jackson.databind.node.MissingNode.getInstance()
        : list.path(step.index());
  }
}
