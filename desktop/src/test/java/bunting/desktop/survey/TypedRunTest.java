package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.core.units.Lengths;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedRunTest {
  private static final Show SHOW = Show.of(List.of(Run.of("Arch", "5v-strip-60", 10)));
  private static final PixelType STRIP = SHOW.catalogue().pixelTypesById().get("5v-strip-60");

  private static Optional<Run> parse(String text) {
    return TypedRun.parse(text, SHOW, STRIP, new Lengths(false));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "Sill 2.4 m|Sill|144",
        "Door lintel 2,2 m|Door lintel|132",
        "Rail 12'6\"|Rail|228",
        "Post 3 40cm|Post 3|24",
        "Boat 2 60 px|Boat 2|60"
      })
  void aNameAndAMeasureAreARun(String text, String name, int pixels) {
    Run run = parse(text).orElseThrow();
    assertThat(run.name()).isEqualTo(name);
    assertThat(run.pixels()).isEqualTo(pixels);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "Sill", "2.4 m", "Sill 2.4", "Arch 3 m", "Dot 0.001 m", "Sill 0 px"})
  void whatIsNoneIsRefused(String text) {
    assertThat(parse(text)).isEmpty();
  }

  @Test
  void typedRunsHangOneUnderTheOther() {
    Run first = parse("Sill 2 m").orElseThrow();
    Run next =
        TypedRun.parse("Step 2 m", RunEdits.added(SHOW, first), STRIP, new Lengths(false))
            .orElseThrow();
    assertThat(next.start().y()).isLessThan(first.start().y());
  }
}
