package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.cost.JoinPlaces;
import bunting.core.ports.Piece;
import bunting.core.show.Attach;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.PriceList;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The cheapest feeds of one island beside every way to feed it. */
class PricedFeedsTest {
  private static final List<Wire> TWO =
      List.of(Wire.parse("18AWG").orElseThrow(), Wire.parse("12AWG").orElseThrow());
  private static final Show SHOW = withWires(Show.of(List.of()));

  private static Show withWires(Show show) {
    var c = show.catalogue();
    return show.withCatalogue(
        new bunting.core.show.Catalogue(
            c.pixelTypes(),
            c.controllerTypes(),
            c.supplyTypes(),
            TWO,
            c.dimmerTypes(),
            c.leadHelpers(),
            c.blocks(),
            c.tails(),
            c.joints()));
  }

  private static Stretch stretch(Piece... pieces) {
    return new Stretch(new Point(0, 0), List.of(pieces), SHOW.wiring().conductors());
  }

  private static Piece piece(String name, String type, int pixels, double x, double y) {
    PixelType t = SHOW.catalogue().pixelTypesById().get(type);
    Run run =
        Run.of(name, type, pixels)
            .withHanging(bunting.core.show.Hanging.straight(new Point(x, y), Optional.empty()));
    return new Piece(run, t, 1, pixels);
  }

  /** Price of feeds, leads between pieces, and the port's lead above one for data. */
  private static double price(FeedTrial trial) {
    PriceList p = PriceList.DEFAULT;
    Stretch s = trial.stretch;
    double sum = s.pieces().size() > 1 ? s.jointMetres() * p.perM(trial.joints) : 0;
    for (int f = 0; f < trial.count(); f++) {
      Post post = trial.posts.get(f);
      Stretch.Place at = s.place(post.at());
      Piece piece = s.pieces().get(at.piece());
      Attach attach =
          JoinPlaces.at(piece.run(), piece.type(), piece.first(), piece.last(), at.pixel(), false);
      sum +=
          f == 0 && trial.port.isPresent()
              ? post.metres() * (p.perM(post.wire()) - p.dataPerM())
              : p.distributionWay()
                  + p.minutesFor(attach) * p.minuteRate()
                  + post.metres() * p.perM(post.wire());
    }
    return sum;
  }

  /** All sets of up to three ready places, all sizes, with and without the port. */
  private static double exhaustive(Stretch s, PowerRules rules, PortLimit port) {
    List<Integer> places = new ArrayList<>();
    int from = 0;
    for (Piece p : s.pieces()) {
      for (int pixel : JoinPlaces.ready(p.run(), p.type(), p.first(), p.last()).keySet()) {
        places.add(from + pixel - p.first());
      }
      from += p.pixels();
    }
    double best = Double.MAX_VALUE;
    for (Wire joint : TWO) {
      for (int set = 1; set < 1 << places.size(); set++) {
        if (Integer.bitCount(set) <= 3) {
          List<Integer> at = new ArrayList<>();
          for (int i = 0; i < places.size(); i++) {
            if ((set >> i & 1) == 1) {
              at.add(places.get(i));
            }
          }
          for (int sizes = 0; sizes < 1 << at.size(); sizes++) {
            List<Post> posts = new ArrayList<>();
            for (int f = 0; f < at.size(); f++) {
              posts.add(new Post(at.get(f), s.feedM(at.get(f)), TWO.get(sizes >> f & 1)));
            }
            for (Optional<PortLimit> via :
                List.of(Optional.<PortLimit>empty(), Optional.of(port))) {
              if (via.isEmpty() || at.getFirst() == 0) {
                FeedTrial trial = new FeedTrial(s, rules, via, posts, joint);
                best = trial.holds() ? Math.min(best, price(trial)) : best;
              }
            }
          }
        }
      }
    }
    return best;
  }

  @Test
  @Tag("property")
  void neverDearerThanAnySetOfReadyPlacesAndSizes() {
    Random random = new Random(14);
    String[] types = {"5v-strip-60", "12v-strip-60", "12v-string-10", "12v-string-10-reg"};
    int told = 0;
    for (int i = 0; i < 60; i++) {
      String type = types[random.nextInt(types.length)];
      int most = type.startsWith("12v-string") ? 160 : 330;
      Piece one =
          piece("a", type, 30 + random.nextInt(most), random.nextInt(12), random.nextInt(5));
      Piece two = piece("b", type, 20 + random.nextInt(60), random.nextInt(12), random.nextInt(5));
      Stretch s = random.nextBoolean() ? stretch(one) : stretch(one, two);
      PowerRules rules = PowerRules.of(SHOW, one.type().volts());
      PortLimit port = new PortLimit(10, 10, false);
      double best = exhaustive(s, rules, port);
      Optional<PricedFeeds.Priced> found = PricedFeeds.of(s, rules, Optional.of(port));
      if (best < Double.MAX_VALUE) {
        told++;
        assertThat(found).as("show " + i).isPresent();
        assertThat(found.get().price()).as("show " + i).isLessThan(best * 1.01 + 1e-6);
        assertThat(price(found.get().trial())).isCloseTo(found.get().price(), within(1e-6));
        assertThat(found.get().trial().holds()).isTrue();
      }
    }
    assertThat(told).as("shows that can be fed at ready places").isGreaterThan(30);
  }

  /** A port's lead that is long enough is no help: then the far end, near the box, is fed. */
  @Test
  void aFeedIsWhereItIsCheapest() {
    PixelType t = SHOW.catalogue().pixelTypesById().get("12v-strip-60");
    Run back =
        Run.of("back", t.id(), 200)
            .withHanging(
                bunting.core.show.Hanging.straight(new Point(40, 0), Optional.of(new Point(1, 0))));
    Stretch s =
        new Stretch(
            new Point(0, 0), List.of(new Piece(back, t, 1, 200)), SHOW.wiring().conductors());
    PricedFeeds.Priced found =
        PricedFeeds.of(s, PowerRules.of(SHOW, 12), Optional.of(new PortLimit(10, 10, false)))
            .orElseThrow();
    assertThat(found.trial().port).isEmpty();
    assertThat(found.trial().posts).singleElement().matches(p -> p.at() == 199);
  }

  /** A cut costs 20 minutes: it is taken only where that is less than thicker wire. */
  @Test
  void aCutHasToPayForItsMinutes() {
    Piece eave = piece("eave", "12v-strip-60", 290, 2, 0);
    Stretch s = stretch(eave);
    PowerRules rules = PowerRules.of(SHOW, 12);
    PortLimit port = new PortLimit(10, 10, false);
    PricedFeeds.Priced usual = PricedFeeds.of(s, rules, Optional.of(port)).orElseThrow();
    assertThat(usual.trial().posts)
        .allMatch(p -> p.at() == 0 || p.at() == 289, "at the port and at the end");
  }

  /** A lead that does not go into the port's terminal is no way, however cheap it would be. */
  @Test
  void noLeadIsThickerThanItsTerminal() {
    Piece board = piece("board", "5v-strip-60", 92, 3, 0);
    Stretch s = stretch(board);
    PowerRules rules = PowerRules.of(SHOW, 5);
    PricedFeeds.Priced any =
        PricedFeeds.of(s, rules, Optional.of(new PortLimit(10, 10, false))).orElseThrow();
    PricedFeeds.Priced small =
        PricedFeeds.of(s, rules, Optional.of(new PortLimit(10, 10, false, 2.1))).orElseThrow();
    assertThat(any.trial().port).isPresent();
    assertThat(any.trial().posts.getFirst().wire().sizeMm2()).isGreaterThan(2.2);
    assertThat(small.price()).isGreaterThan(any.price());
    assertThat(
            small.trial().port.isEmpty() || small.trial().posts.getFirst().wire().sizeMm2() < 2.2)
        .isTrue();
  }
}
