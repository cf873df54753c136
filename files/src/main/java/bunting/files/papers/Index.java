package bunting.files.papers;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** What lies in a folder of papers. */
final class Index {
  static final String FILE = "index.json";

  private static final ObjectMapper MAPPER = new ObjectMapper();

  private final ObjectNode root = MAPPER.createObjectNode();
  private final ArrayNode papers;

  Index(Print print) {
    root.put("show", print.show());
    root.put("revision", print.revision());
    root.put("date", print.date().toString());
    root.put("page", print.size().id());
    papers = root.putArray("papers");
  }

  /** Notes a file; returns its name. */
  String add(Paper paper, String name, String format, int pages) {
    String file = name + "." + format;
    papers
        .addObject()
        .put("id", paper.id())
        .put("title", paper.title())
        .put("file", file)
        .put("format", format)
        .put("pages", pages);
    return file;
  }

  byte[] bytes() {
    try {
      return (MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root).replace("\r\n", "\n")
              + "\n")
          .getBytes(StandardCharsets.UTF_8);
    } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
  }
}
