package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Done;
import bunting.core.show.Preparation.Offer;
import bunting.core.show.Preparation.Work;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.TypePlug;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is bought, joined and done, written and read again. */
class PreparationFilesTest {
  private static final Preparation ALL =
      new Preparation(
          Optional.of(LocalDate.of(2026, 12, 1)),
          30,
          List.of(
              new Offer("blade fuse 5 A", "in the village", 3.5, 10, 2),
              new Offer("blade fuse 5 A", "", 0, 0, 40)),
          List.of(new TypePlug("12v-strip-60", "white ring", true, false, TypePlug.Side.RIGHT)),
          List.of(new Done(Work.HANG, "Weir \"1\"", 1), new Done(Work.BOX, "C1", 0)),
          true);

  private static Show read(byte[] bytes) throws BadInputException {
    return ShowDocument.read(
        JsonFields.parse(Path.of("s.bunting.json"), new String(bytes, StandardCharsets.UTF_8)));
  }

  @Test
  void allOfItComesBack() throws Exception {
    Show show = Show.of(List.of(Run.of("Weir \"1\"", "12v-strip-60", 60))).withPreparation(ALL);
    Show back = read(ShowDocument.write(show));
    assertThat(back.preparation()).isEqualTo(ALL);
    assertThat(back.leftovers().strays()).isEmpty();
  }

  @Test
  void itStandsInSettingsToo() throws Exception {
    Show show =
        ShowFiles.ofTexts(
            "name,type,pixels\nWeir,12v-strip-60,60\n",
            "{\"preparation\":{\"opening\":\"2026-12-01\",\"offers\":[{\"part\":\"ferrule"
                + " 18AWG\",\"price\":4}]}}");
    assertThat(show.preparation().opening()).contains(LocalDate.of(2026, 12, 1));
    assertThat(show.preparation().readyDays()).isEqualTo(Preparation.READY_DAYS);
    assertThat(show.preparation().offersFor("ferrule 18AWG").getFirst().price()).isEqualTo(4);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "'opening': '1.12.2026'|$.preparation.opening",
        "'readyDays': -1|$.preparation.readyDays",
        "'offers': [{'part': ' ', 'price': 1}]|$.preparation.offers[0].part",
        "'offers': [{'part': 'x'}]|$.preparation.offers[0].price",
        "'offers': [{'part': 'x', 'price': '1'}]|$.preparation.offers[0].price",
        "'plugs': [{'type': 'a'}, {'type': 'a'}]|$.preparation.plugs[1]",
        "'plugs': [{'type': 'a', 'plus': 'up'}]|$.preparation.plugs[0].plus",
        "'done': [{'work': 'rest', 'of': 'x'}]|$.preparation.done[0].work"
      })
  void whatIsWrongIsNamed(String part, String path) {
    String text =
        "{\"formatVersion\":1,\"settings\":{},\"runs\":[],\"preparation\":{"
            + part.replace('\'', '"')
            + "}}";
    assertThatThrownBy(() -> read(text.getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(path);
  }
}
