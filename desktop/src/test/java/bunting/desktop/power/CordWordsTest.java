package bunting.desktop.power;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.SchoolTable;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Texts;
import bunting.testkit.Shows;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said of a pixel, and of the ways of feeding a line. */
class CordWordsTest {
  private static final Reading READING = Shows.planned(Shows.strip("Weir", 300)).reading();

  @Test
  void voltsDropAndDirectionAreThoseOfTheSolution() {
    SegmentReading s = READING.segments().getFirst();
    int pixel = s.minAtPixel();
    String said = CordWords.at(READING, s, pixel);
    double volts = s.volts().lowest();
    assertThat(said)
        .startsWith("pixel " + pixel + " of Weir: " + Texts.fixed(volts, 3) + " V, ")
        .contains(Texts.fixed(5 - volts, 3) + " V lost");
    int feed = READING.feeds().getFirst().feed().atPixel();
    assertThat(CordWords.at(READING, s, feed)).contains("A to the right");
    assertThat(CordWords.at(READING, s, feed - 2)).contains("A to the left");
  }

  @Test
  void coloursHaveTheirNames() {
    assertThat(CordWords.colour(0xFFFFFF)).isEqualTo("white");
    assertThat(CordWords.colour(0xFFE0A0)).isEqualTo("yellow");
    assertThat(CordWords.colour(0xFFA040)).isEqualTo("orange");
    assertThat(CordWords.colour(0xB06030)).isEqualTo("red-brown");
  }

  private static SchoolTable.Row row(
      InjectionSchool school, int feeds, double copper, boolean holds) {
    return new SchoolTable.Row(school, 150, feeds, copper, holds ? 91 : 80, holds);
  }

  private static String verdict(SchoolTable.Row thumb) {
    List<SchoolTable.Row> rows = new ArrayList<>();
    rows.add(row(InjectionSchool.BEST, 4, 1.0, true));
    rows.add(thumb);
    return SchoolsTable.verdict(rows);
  }

  @Test
  void theRuleOfThumbIsJudgedBesideTheBest() {
    assertThat(verdict(row(InjectionSchool.EVERY, 3, 0.5, false))).contains("would risk it");
    assertThat(verdict(row(InjectionSchool.EVERY, 5, 1, true))).contains("would waste 1 feed.");
    assertThat(verdict(row(InjectionSchool.EVERY, 7, 1, true))).contains("would waste 3 feeds.");
    assertThat(verdict(row(InjectionSchool.EVERY, 4, 1.4, true))).contains("0.4 kg more copper");
    assertThat(verdict(row(InjectionSchool.EVERY, 4, 1.04, true))).contains("does as well");
  }
}
