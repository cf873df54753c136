package bunting.files;

import bunting.core.show.Point;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/**
 * Writes JSON the same way on every machine: two spaces, line feeds, numbers with at most six
 * decimals, or, where what is written is read back, exactly.
 */
final class Json {
  private static final int DECIMALS = 6;

  /** Something that writes into a document. */
  @FunctionalInterface
  interface Body {
    void write(Json json) throws IOException;
  }

  private final JsonGenerator out;
  private final boolean exact;

  private Json(JsonGenerator out, boolean exact) {
    this.out = out;
    this.exact = exact;
  }

  /** A document for people and other programs: six decimals. */
  static byte[] document(Body body) {
    return document(body, false);
  }

  /** A document of our own: every number comes back as it was. */
  static byte[] exactly(Body body) {
    return document(body, true);
  }

  private static byte[] document(Body body, boolean exact) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (JsonGenerator out = new JsonFactory().createGenerator(bytes)) {
      out.setPrettyPrinter(printer());
      Json json = new Json(out, exact);
      json.object(body);
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    bytes.write('\n');
    return bytes.toByteArray();
  }

  static DefaultPrettyPrinter printer() {
    DefaultIndenter indenter = new DefaultIndenter("  ", "\n");
    return new DefaultPrettyPrinter().withObjectIndenter(indenter).withArrayIndenter(indenter);
  }

  static String text(byte[] document) {
    return new String(document, StandardCharsets.UTF_8);
  }

  void object(Body body) throws IOException {
    out.writeStartObject();
    body.write(this);
    out.writeEndObject();
  }

  void object(String key, Body body) throws IOException {
    out.writeFieldName(key);
    object(body);
  }

  <T> void list(String key, Iterable<T> items, ItemWriter<T> writer) throws IOException {
    out.writeArrayFieldStart(key);
    for (T item : items) {
      out.writeStartObject();
      writer.write(this, item);
      out.writeEndObject();
    }
    out.writeEndArray();
  }

  /** Writes one item of a list. */
  @FunctionalInterface
  interface ItemWriter<T> {
    void write(Json json, T item) throws IOException;
  }

  Json put(String key, String value) throws IOException {
    out.writeStringField(key, value);
    return this;
  }

  /** A place: {@code x}, {@code y}, and {@code z} where it is not on the front. */
  Json at(Point place) throws IOException {
    put("x", place.x()).put("y", place.y());
    return place.z() == 0 ? this : put("z", place.z());
  }

  Json put(String key, Optional<String> value) throws IOException {
    if (value.isPresent()) {
      return put(key, value.get());
    }
    out.writeNullField(key);
    return this;
  }

  /** A text, a number, true or false, or lists of numbers. */
  Json put(String key, Object scalar) throws IOException {
    return switch (scalar) {
      case Double d -> put(key, (double) d);
      case Integer i -> put(key, (long) i);
      case Boolean b -> put(key, (boolean) b);
      case List<?> list -> {
        out.writeFieldName(key);
        numbers(list);
        yield this;
      }
      default -> put(key, scalar.toString());
    };
  }

  Json put(String key, boolean value) throws IOException {
    out.writeBooleanField(key, value);
    return this;
  }

  Json put(String key, long value) throws IOException {
    out.writeNumberField(key, value);
    return this;
  }

  Json put(String key, double value) throws IOException {
    out.writeFieldName(key);
    number(value);
    return this;
  }

  private void numbers(List<?> list) throws IOException {
    out.writeStartArray();
    for (Object item : list) {
      if (item instanceof List<?> inner) {
        numbers(inner);
      } else if (item instanceof Number n) {
        number(n.doubleValue());
      }
    }
    out.writeEndArray();
  }

  void numbers(String key, Iterable<? extends Number> values) throws IOException {
    out.writeArrayFieldStart(key);
    for (Number n : values) {
      number(n.doubleValue());
    }
    out.writeEndArray();
  }

  void texts(String key, Iterable<String> values) throws IOException {
    out.writeArrayFieldStart(key);
    for (String s : values) {
      out.writeString(s);
    }
    out.writeEndArray();
  }

  void textLists(String key, Iterable<? extends Iterable<String>> lists) throws IOException {
    out.writeArrayFieldStart(key);
    for (Iterable<String> list : lists) {
      out.writeStartArray();
      for (String s : list) {
        out.writeString(s);
      }
      out.writeEndArray();
    }
    out.writeEndArray();
  }

  Json putNull(String key) throws IOException {
    out.writeNullField(key);
    return this;
  }

  private void number(double value) throws IOException {
    if (value == Math.rint(value) && Math.abs(value) < 1e15) {
      out.writeNumber((long) value);
    } else if (exact) {
      out.writeNumber(value);
    } else {
      BigDecimal rounded =
          BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
      out.writeNumber(
          rounded.scale() < 0 ? rounded.setScale(0, RoundingMode.UNNECESSARY) : rounded);
    }
  }
}
