package bunting.core.mains;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Circuit;
import bunting.core.show.RuleProfile;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RuleBookTest {
  @ParameterizedTest
  @EnumSource(RuleProfile.class)
  void everyFigureHasASource(RuleProfile profile) {
    List<RuleBook.Rule> rules = RuleBook.of(profile.rules());
    assertThat(rules).hasSizeGreaterThan(5);
    assertThat(rules)
        .allMatch(r -> !r.what().isBlank() && !r.figure().isBlank() && !r.source().isBlank());
  }

  /** The figures that are told are those that are reckoned with. */
  @Test
  void whatItSaysOfFusesIsWhatWiresBear() {
    for (RuleProfile p : List.of(RuleProfile.NORTH_AMERICA, RuleProfile.IEC)) {
      String fuses =
          RuleBook.of(p.rules()).stream()
              .filter(r -> r.what().equals("Low-voltage fuses"))
              .map(RuleBook.Rule::figure)
              .findFirst()
              .orElseThrow();
      for (String part : fuses.split(", ", -1)) {
        String[] words = part.split(" ", -1);
        String name =
            words[1].equals("AWG")
                ? words[0] + "AWG"
                : (words[0].contains(".") ? words[0] : words[0] + ".0") + "mm2";
        assertThat(Wire.parse(name).orElseThrow().fuseAmpsMax())
            .as(part)
            .isEqualTo(Double.parseDouble(words[2]));
      }
    }
  }

  /** 75 % of 16 A are 12 A, whatever the circuit was made with. */
  @Test
  void theShareOfABreakerIsTheShows() {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 10)))
            .withCircuits(Optional.of(List.of(new Circuit("A", 230, 16, 2))));
    assertThat(show.circuits().orElseThrow().getFirst().usableAmps()).isCloseTo(10.8, within(1e-9));
    Show own = show.withMains(show.mains().withRules(show.mains().rules().withContinuous(75)));
    assertThat(own.circuits().orElseThrow().getFirst().usableAmps()).isCloseTo(10, within(1e-9));
    assertThat(own.mains().rules().profile()).isEqualTo(RuleProfile.OWN);
  }

  @Test
  void eachCautionIsSaidOnce() {
    assertThat(Cautions.all()).extracting(Cautions.Caution::about).doesNotHaveDuplicates();
    assertThat(Cautions.all()).allMatch(c -> c.says().endsWith("."));
  }
}
