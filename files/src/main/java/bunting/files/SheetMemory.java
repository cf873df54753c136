package bunting.files;

import bunting.files.sheet.Meaning;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What somebody said about his lists: for each set of headings what its columns mean, and what his
 * words for kinds of pixels stand for. A file beside the preferences; nothing depends on it.
 */
public final class SheetMemory {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final int BYTES_MAX = 1_000_000;
  private static final int LISTS_MAX = 50;

  private final Optional<Path> file;

  private SheetMemory(Optional<Path> file) {
    this.file = file;
  }

  /** Of the user who runs this. */
  public static SheetMemory here() {
    return in(UserFolders.here().state());
  }

  /** In a folder. */
  public static SheetMemory in(Path folder) {
    return new SheetMemory(Optional.of(folder.resolve("lists.json")));
  }

  /** Of nobody: nothing is known and nothing kept. */
  public static SheetMemory none() {
    return new SheetMemory(Optional.empty());
  }

  /** The same list with what was said of one with the same headings; itself where nothing was. */
  public SheetImport recall(SheetImport read) {
    JsonNode said = all().path("lists").path(read.sheet().signature());
    SheetImport next = read;
    for (int c = 0; c < read.headings().size(); c++) {
      Optional<Meaning> meaning = Meaning.named(said.path("columns").path(c).asText(""));
      if (meaning.isPresent() && !meaning.get().equals(next.mapping().get(c))) {
        next = next.withMapping(c, meaning.get());
      }
    }
    for (Map.Entry<String, JsonNode> kind : said.path("kinds").properties()) {
      if (read.knows(kind.getValue().asText())) {
        next = next.withKind(kind.getKey(), kind.getValue().asText());
      }
    }
    String only = said.path("type").asText("");
    return read.knows(only) ? next.withOnlyType(only) : next;
  }

  /** Whether something was said of a list with these headings. */
  public boolean knows(SheetImport read) {
    return all().path("lists").has(read.sheet().signature());
  }

  /** Keeps what is said of a list; where that cannot be written, nothing is lost but the memory. */
  public void remember(SheetImport read) {
    if (file.isEmpty()) {
      return;
    }
    Path to = file.get();
    ObjectNode all = all();
    ObjectNode lists = all.withObjectProperty("lists");
    String signature = read.sheet().signature();
    ObjectNode list = JSON.createObjectNode();
    read.mapping().forEach(m -> list.withArrayProperty("columns").add(m.key()));
    ObjectNode kinds = list.putObject("kinds");
    read.kinds().said().entrySet().stream()
        .sorted(Map.Entry.comparingByKey())
        .forEach(e -> kinds.put(e.getKey(), e.getValue()));
    read.kinds().only().ifPresent(t -> list.put("type", t));
    // The newest stand last; the oldest go.
    lists.remove(signature);
    lists.set(signature, list);
    List<String> names = new ArrayList<>();
    lists.fieldNames().forEachRemaining(names::add);
    names.stream().limit(Math.max(0, names.size() - LISTS_MAX)).forEach(lists::remove);
    try {
      FileRights.makePrivate(to.toAbsolutePath().getParent());
      WholeFile.write(
          to, (all.toPrettyString() + "\n").getBytes(StandardCharsets.UTF_8), FileRights.PRIVATE);
    } catch (IOException | BadInputException e) {
      return;
    }
  }

  private ObjectNode all() {
    try {
      if (file.isPresent()
          && Files.isRegularFile(file.get())
          && Files.size(file.get()) < BYTES_MAX
          && JSON.readTree(file.get().toFile()) instanceof ObjectNode all
          && (!all.has("lists") || all.get("lists").isObject())) {
        return all;
      }
    } catch (IOException e) {
      // A damaged memory is none.
      return JSON.createObjectNode();
    }
    return JSON.createObjectNode();
  }
}
