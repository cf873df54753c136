package bunting.files;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.cfg.JsonNodeFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.nio.file.Path;

/**
 * Reads a JSON object strictly: no key twice, nothing behind its end, numbers exactly as they
 * stand.
 */
final class JsonText {
  /** A picture is one text; its file as a whole is limited where it is read. */
  private static final JsonMapper MAPPER =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder().maxStringLength(TextFiles.BYTES_MAX).build())
                  .build())
          .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
          .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
          .build();

  private JsonText() {}

  /** The object of a text. */
  static JsonNode root(Path file, String text) throws BadInputException {
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
    return root;
  }
}
