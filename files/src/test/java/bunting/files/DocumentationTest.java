package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.limits.Counts;
import bunting.files.codec.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What docs/files.md says of a field is what its declaration says. */
class DocumentationTest {
  private static Map<String, List<String>> tables() {
    Map<String, List<String>> tables = new LinkedHashMap<>();
    tables.put(
        "run list",
        Stream.concat(RunFields.ALL.stream(), Stream.of(RunFields.FEET))
            .map(Field::documentedColumn)
            .toList());
    tables.put("plain sets", LightFields.SET.listDocumentation());
    tables.put("bulb strings", LightFields.BULBS.listDocumentation());
    tables.put("pixelTypes", CatalogueFields.PIXELS.documentation());
    tables.put("controllerTypes", BoxFields.BOXES.documentation());
    tables.put("supplyTypes", CatalogueFields.SUPPLIES.documentation());
    tables.put("dimmerTypes", BoxFields.DIMMERS.documentation());
    tables.put("leadHelpers", PartFields.HELPERS.documentation());
    tables.put("distributionBlocks", PartFields.BLOCKS.documentation());
    tables.put("tails", PartFields.TAILS.documentation());
    tables.put("joints", PartFields.JOINTS.documentation());
    tables.put("preparation", PreparationJson.documentation());
    tables.put(
        "limits",
        Counts.lists().entrySet().stream()
            .map(e -> String.format(Locale.ROOT, "| `%s` | %,d |", e.getKey(), e.getValue()))
            .toList());
    return tables;
  }

  @Test
  void everyFieldStandsInTheDocumentationAsItIsDeclared() throws Exception {
    String docs = Files.readString(Path.of("..", "docs", "files.md"));
    tables()
        .forEach(
            (table, rows) -> rows.forEach(row -> assertThat(docs.lines()).as(table).contains(row)));
  }
}
