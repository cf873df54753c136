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
    int feed = READING.feeds().getLast().feed().atPixel();
    assertThat(CordWords.at(READING, s, READING.feeds().getFirst().feed().atPixel()))
        .contains("A to the right");
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
      InjectionSchool school, int feeds, double price, boolean holds) {
    return new SchoolTable.Row(school, 150, feeds, 1, price, 5, holds ? 91 : 80, holds);
  }

  private static String verdict(SchoolTable.Row thumb) {
    List<SchoolTable.Row> rows = new ArrayList<>();
    rows.add(row(InjectionSchool.PORT_FIRST, 4, 30, true));
    rows.add(row(InjectionSchool.FRONT, 1, 10, false));
    rows.add(thumb);
    return SchoolsTable.verdict(rows);
  }

  @Test
  void theRuleOfThumbIsJudgedBesideTheCheapestThatHolds() {
    assertThat(verdict(row(InjectionSchool.EVERY, 3, 5, false)))
        .contains("would risk it")
        .contains("80 % of the volts");
    assertThat(verdict(row(InjectionSchool.EVERY, 5, 42.4, true))).contains("would cost 12 more");
    assertThat(verdict(row(InjectionSchool.EVERY, 5, 30.3, true))).contains("does as well");
  }
}
