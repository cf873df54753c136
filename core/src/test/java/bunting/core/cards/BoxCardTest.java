package bunting.core.cards;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Controller;
import bunting.core.show.Fitting;
import bunting.core.show.Lan;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class BoxCardTest {
  private static Run pinned(String name, int pixels, int port) {
    return Run.of(name, "12v-strip-60", pixels)
        .withPin(Optional.of(new Pin("Weir", OptionalInt.of(port))));
  }

  private static Show show() {
    Fitting five = new Fitting(5, Optional.of("BRG"), true);
    return Show.of(List.of(pinned("Sluice", 100, 1), pinned("Owl", 50, 2).withFitting(five)))
        .withControllers(List.of(new Controller("Weir", "box-4", 0, 0)));
  }

  private static List<BoxCard> cards(Show show) {
    return BoxCard.of(Reading.of(show, Planner.propose(show)));
  }

  /** 100 RGB pixels are 300 slots; 50 in groups of five are 10 sets of three. */
  @Test
  void eachOutputSaysWhatHangsOnIt() {
    BoxCard card = cards(show()).getFirst();
    assertThat(card.box()).isEqualTo("Weir");
    assertThat(card.outputs()).hasSize(4);
    BoxCard.Piece first = card.outputs().getFirst().pieces().getFirst();
    assertThat(first.pixels()).isEqualTo(100);
    assertThat(first.start()).contains(new BoxCard.Place(1, 1));
    assertThat(first.end()).contains(new BoxCard.Place(1, 300));
    BoxCard.Piece owl = card.outputs().get(1).pieces().getFirst();
    assertThat(owl.order()).isEqualTo("BRG");
    assertThat(owl.grouping()).isEqualTo(5);
    assertThat(owl.reversed()).isTrue();
    assertThat(owl.start()).contains(new BoxCard.Place(1, 301));
    assertThat(owl.end()).contains(new BoxCard.Place(1, 330));
    assertThat(owl.firstByte()).isEqualTo(300);
    assertThat(card.outputs().get(2).pieces()).isEmpty();
  }

  /** Milliamps by hand: pixels times what one draws at the setting. */
  @Test
  void theLimiterIsGivenInPercentAndInMilliamps() {
    Show half = show().withSettings(show().settings().withBrightness(50));
    Show limited = half.withWiring(half.wiring().with(half.wiring().ways().withLimiter(true)));
    var type = show().catalogue().pixelTypesById().get("12v-strip-60");
    double each = type.milliampsIdle() + (type.milliampsFull() - type.milliampsIdle()) / 2;
    BoxCard card = cards(limited).getFirst();
    assertThat(card.limiterPercent()).isEqualTo(50);
    assertThat(card.outputs().getFirst().milliamps())
        .isEqualTo((long) Math.floor(100 * each + 1e-6));
    assertThat(card.mostPercent()).isBetween(50.0, 100.0);
    assertThat(card.outputs().getFirst().mostMilliamps())
        .isGreaterThanOrEqualTo(card.outputs().getFirst().milliamps());
    assertThat(cards(show()).getFirst().limiterPercent()).isEqualTo(100);
  }

  @Test
  void maskAndRouterAreThoseOfTheNetwork() {
    Show other =
        show()
            .withNetwork(
                show()
                    .network()
                    .at("192.168.4", 11, "192.168.4.2")
                    .with(
                        Lan.OWN
                            .withPrefix(OptionalInt.of(22))
                            .withGateway(Optional.of("192.168.4.1"))));
    BoxCard.Address address = cards(other).getFirst().address();
    assertThat(address)
        .isEqualTo(
            new BoxCard.Address("192.168.4.11", "255.255.252.0", Optional.of("192.168.4.1")));
  }
}
