package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.show.Controller;
import bunting.core.show.Lan;
import bunting.core.show.Network;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.BoxEdits;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A network that belongs to somebody else is kept with the show. */
class NetworkFilesTest {
  @TempDir private Path folder = Path.of("");

  private static final Lan LAN =
      new Lan(
          OptionalInt.of(22),
          Optional.of("192.168.4.1"),
          List.of(new Lan.Pool("192.168.4.100", "192.168.5.20")),
          Map.of("192.168.4.20", "till"),
          Map.of("Weir", "the till"));

  private static Show show() {
    Network network = Network.DEFAULT.at("192.168.4", 30, "192.168.4.2").with(LAN);
    return Show.of(List.of(Run.of("Lantern", "5v-strip-60", 60)))
        .withControllers(List.of(new Controller("Weir", "box-4", 0, 0)))
        .withNetwork(network);
  }

  @Test
  void allOfItComesBack() throws Exception {
    Path file = folder.resolve("mill.bunting.json");
    ShowFiles.writeShow(file, show());
    assertThat(ShowFiles.readShow(file).network()).isEqualTo(show().network());
  }

  @Test
  void aBorrowedCableFollowsItsBox() {
    assertThat(BoxEdits.renamed(show(), "Weir", "Sluice").network().lan().borrowed())
        .containsExactly(Map.entry("Sluice", "the till"));
    assertThat(BoxEdits.removed(show(), "Weir").network().lan().borrowed()).isEmpty();
  }

  @Test
  void aBaseOfThreeNumbersBringsItsSenderAlong() throws Exception {
    Show read =
        ShowFiles.ofTexts(
            "name,type,pixels\nWeir,5v-strip-60,10\n",
            "{\"network\": {\"base\": \"192.168.1\", \"prefix\": 25}}");
    assertThat(read.network().sender()).isEqualTo("192.168.1.2");
    assertThat(read.network().lan().prefix()).hasValue(25);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'base': '192.168.1.0' | $.network.base should be the first two or three numbers",
        "'base': '300.1' | $.network.base should be the first two or three numbers",
        "'prefix': 31 | $.network.prefix should be a number from 8 to 30",
        "'gateway': 'router' | $.network.gateway should be an IPv4 address",
        "'pool': ['10.20.0.9-10.20.0.3'] | $.network.pool should list addresses from and to",
        "'taken': {'till': '10.20.0.9'} | $.network.taken should be an IPv4 address",
      })
  void whatIsWrongIsSaidInASentence(String bad, String says) {
    assertThatThrownBy(
            () ->
                ShowFiles.ofTexts(
                    "name,type,pixels\nWeir,5v-strip-60,10\n",
                    ("{'network': {" + bad + "}}").replace('\'', '"')))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(says);
  }
}
