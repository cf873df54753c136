package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Controller;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Lists as people keep them, each beside what has to come of it: the runs, what was left out, and
 * what was doubtful. Checked by hand; a foot is 0.3048 m.
 */
class AnybodysListTest {
  private static final Path LISTS = Path.of("src/test/resources/lists");

  static Stream<String> lists() throws Exception {
    try (Stream<Path> files = Files.list(LISTS)) {
      return files
          .map(f -> f.getFileName().toString())
          .filter(n -> !n.endsWith(".txt"))
          .sorted()
          .toList()
          .stream();
    }
  }

  /** What a list without kinds is of, so that its lengths make pixels. */
  private static Show show(String name) {
    return name.startsWith("26")
        ? Show.of(List.of()).withControllers(List.of(new Controller("C1", "box-4", 0, 0)))
        : Show.of(List.of());
  }

  @ParameterizedTest
  @MethodSource("lists")
  void aListBecomesWhatItSays(String name) throws Exception {
    SheetImport read = SheetImport.read(LISTS.resolve(name), show(name));
    if (name.startsWith("38")) {
      read = read.withOnlyType("12v-strip-60");
    }
    Path expected = LISTS.resolve(name.replaceAll("\\.[ct]sv$", ".txt"));
    assertThat(told(read)).isEqualTo(Files.readString(expected));
  }

  static String told(SheetImport read) {
    List<String> lines = new ArrayList<>();
    List<SheetImport.Row> preview = read.preview();
    for (SheetImport.Row row : preview) {
      row.errors().forEach(e -> lines.add("! " + row.number() + " " + e.column() + " " + e.what()));
      for (SheetImport.Light light : row.lights()) {
        light.run().ifPresent(r -> lines.add(run(r)));
        light.set().ifPresent(s -> lines.add(set(s)));
      }
    }
    read.told(preview).forEach(t -> lines.add("# " + t));
    return String.join("\n", lines) + "\n";
  }

  private static String run(Run run) {
    StringBuilder line = new StringBuilder(run.name() + " | " + run.type() + " | " + run.pixels());
    run.lengthM().ifPresent(m -> line.append(" | ").append(Texts.number(m)).append(" m"));
    run.leadM().ifPresent(m -> line.append(" | lead ").append(Texts.number(m)));
    if (run.guess().length() > 0) {
      line.append(" | ").append(run.guess().words());
    }
    if (run.guess().leadPercent() > 0) {
      line.append(" | lead +- ").append(Texts.number(run.guess().leadPercent())).append(" %");
    }
    run.group().ifPresent(g -> line.append(" | of ").append(g));
    run.fitting().order().ifPresent(o -> line.append(" | ").append(o));
    run.pin()
        .ifPresent(
            p ->
                line.append(" | on ")
                    .append(p.controller())
                    .append(':')
                    .append(p.port().orElse(0)));
    at(run.start(), "at").ifPresent(line::append);
    run.end().flatMap(e -> at(e, "to")).ifPresent(line::append);
    line.append(run.notes().isEmpty() ? "" : " | " + run.notes());
    return line.toString();
  }

  private static Optional<String> at(Point place, String word) {
    return place.equals(new Point(0, 0))
        ? Optional.empty()
        : Optional.of(
            " | "
                + word
                + " "
                + Texts.number(place.x())
                + " "
                + Texts.number(place.y())
                + (place.z() == 0 ? "" : " " + Texts.number(place.z())));
  }

  private static String set(PlainSet set) {
    return set.name()
        + " | set | "
        + Texts.number(set.volts())
        + " V | "
        + set.channels()
        + " | "
        + Texts.number(set.watts())
        + " W"
        + set.leadM().stream().mapToObj(m -> " | lead " + Texts.number(m)).findFirst().orElse("");
  }
}
