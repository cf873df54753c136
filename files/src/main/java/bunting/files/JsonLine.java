package bunting.files;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** One JSON object on one line, its keys in the order in which they were put. */
public final class JsonLine {
  private static final int DECIMALS = 3;

  private final Map<String, Object> values = new LinkedHashMap<>();

  /** Puts a text. */
  public JsonLine put(String key, String value) {
    values.put(key, value);
    return this;
  }

  /** Puts a whole number. */
  public JsonLine put(String key, long value) {
    values.put(key, value);
    return this;
  }

  /** Puts a number, to three decimals. */
  public JsonLine put(String key, double value) {
    values.put(key, BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP));
    return this;
  }

  /** Puts a whole number, or null. */
  public JsonLine put(String key, Optional<Integer> value) {
    values.put(key, value);
    return this;
  }

  /** The line, without its end. */
  public String text() {
    StringWriter text = new StringWriter();
    try (JsonGenerator out = new JsonFactory().createGenerator(text)) {
      out.writeStartObject();
      for (Map.Entry<String, Object> e : values.entrySet()) {
        out.writeFieldName(e.getKey());
        switch (e.getValue()) {
          case String s -> out.writeString(s);
          case Long n -> out.writeNumber(n);
          case BigDecimal n -> out.writeNumber(n);
          case Optional<?> o when o.isPresent() -> out.writeNumber((Integer) o.get());
          default -> out.writeNull();
        }
      }
      out.writeEndObject();
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    return text.toString();
  }
}
