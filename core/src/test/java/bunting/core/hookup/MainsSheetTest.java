package bunting.core.hookup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.BreakerKind;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Conductors;
import bunting.core.show.Hours;
import bunting.core.show.MainsDevice;
import bunting.core.show.OtherLoads;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.WallSwitch;
import bunting.core.show.Wire;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class MainsSheetTest {
  private static final Show LANTERNS =
      Show.of(List.of(Run.of("Weir", "5v-strip-60", 300), Run.of("Owl", "12v-strip-60", 100)));

  private static MainsSheet sheet(Show show) {
    return MainsSheet.of(Reading.of(show, Planner.propose(show)));
  }

  private static CircuitFacts facts(int phase, BreakerKind breaker, Point at) {
    return new CircuitFacts(
        OptionalInt.of(phase),
        OptionalDouble.of(30),
        "",
        Optional.of(at),
        breaker,
        WallSwitch.NONE,
        "",
        List.of(new CircuitFacts.Appliance("pump", 2.5)));
  }

  private static Circuit circuit(String id, double volts, double breaker) {
    return new Circuit(id, volts, breaker, 0);
  }

  private static List<Starting.Starter> starters(double... spikes) {
    List<Starting.Starter> list = new ArrayList<>();
    for (double s : spikes) {
      list.add(new Starting.Starter("S" + (list.size() + 1), s, 1, false));
    }
    return list;
  }

  /**
   * By hand, breaker B 16 (opens at once from 3 x 16 = 48 A, IEC 60898-1, from memory): of 30, 15,
   * 20 and 10 A the first group is 30 + 15 = 45 (20 more would be 50); then 2 A run, and 20 + 10 =
   * 30 start in the second.
   */
  @Test
  void spikesOfAGroupStayUnderWhatOpensTheBreaker() {
    List<Starting.Group> groups =
        Starting.groups(
            circuit("A", 230, 16)
                .with(facts(1, BreakerKind.B, new Point(0, 0)).withAlso(List.of())),
            starters(30, 15, 20, 10));
    assertThat(groups)
        .extracting(Starting.Group::ids)
        .containsExactly(List.of("S1", "S2"), List.of("S3", "S4"));
    assertThat(groups).extracting(Starting.Group::before).containsExactly(0.0, 2.0);
    assertThat(groups).extracting(Starting.Group::atSeconds).containsExactly(0.0, 2.0);
  }

  /** C 16 from 80 A, D 16 from 160 A on: 30 + 20 + 15 + 10 = 75 start together. */
  @Test
  void aSlowerBreakerLetsMoreStartTogether() {
    for (BreakerKind kind : List.of(BreakerKind.C, BreakerKind.D, BreakerKind.THERMAL_MAGNETIC)) {
      Circuit c = circuit("A", 230, 16).with(facts(1, kind, new Point(0, 0)).withAlso(List.of()));
      assertThat(Starting.groups(c, starters(30, 15, 20, 10))).as(kind.id()).hasSize(1);
    }
  }

  /** What runs already counts: a pump of 2.5 A leaves 45.5 of 48. */
  @Test
  void whatRunsAlreadyComesOff() {
    Circuit c = circuit("A", 230, 16).with(facts(1, BreakerKind.B, new Point(0, 0)));
    assertThat(c.existingAmps()).isEqualTo(2.5);
    assertThat(Starting.groups(c, starters(23, 23))).hasSize(2);
    assertThat(Starting.groups(c, starters(22, 23))).hasSize(1);
  }

  /** One that is too great alone still starts, by itself; it is over 48 A effective, 67.9 peak. */
  @Test
  void oneThatIsTooGreatAloneIsAGroupAndSaysSo() {
    Circuit c = circuit("A", 230, 16);
    List<Starting.Group> groups = Starting.groups(c, starters(70, 5));
    assertThat(groups).hasSize(2);
    assertThat(groups.getFirst().over(c)).isTrue();
    assertThat(Starting.groups(c, starters(60)).getFirst().over(c)).isFalse();
  }

  /** 60 A at 230 V are 60 x 120 / 230 = 31.3 A at 120 V. */
  @Test
  void aSpikeGoesWithTheVolts() {
    var type = LANTERNS.catalogue().supplyTypes().getFirst();
    assertThat(type.inrushAmps(120)).isCloseTo(31.3, within(0.01));
  }

  /** Bulbs of 5 W and more have filaments: ten times their amps; diodes take what they run with. */
  @Test
  void coldFilamentsTakeTenTimesTheirAmps() {
    Point here = new Point(0, 0);
    for (double watts : new double[] {5, 0.5}) {
      Show show =
          LANTERNS
              .withOthers(
                  new OtherLoads(
                      List.of(), List.of(new BulbString("Path", 44, watts, 7, 20, here))))
              .withCircuits(Optional.of(List.of(circuit("A", 230, 32))));
      MainsSheet.OnCircuit on = sheet(show).circuits().getFirst();
      assertThat(on.bulbChains()).containsExactly("B1");
      double amps = 44 * watts / (230 * 110 / 120.0);
      double supplies = on.inrushAmps() - amps * (watts == 5 ? 10 : 1);
      assertThat(supplies).isCloseTo(2 * 60, within(1e-9));
      assertThat(on.starts().stream().flatMap(g -> g.ids().stream()))
          .containsExactlyInAnyOrder("S1", "S2", "B1");
    }
  }

  /**
   * Dark is not off (common practice, no source): 300 px of 1 mA at 5 V are 1.5 W behind a supply
   * of 85 %; what the supply takes itself comes on top.
   */
  @Test
  void theDarkCostsWhatPixelsAndSupplyIdleWith() {
    MainsSheet s = sheet(LANTERNS);
    var type = LANTERNS.catalogue().pixelTypesById().get("5v-strip-60");
    double idle = 300 * type.milliampsIdle() / 1000 * 5;
    var supply =
        LANTERNS
            .catalogue()
            .supplyTypesById()
            .get(Planner.propose(LANTERNS).supplies().getFirst().type());
    assertThat(s.standby().getFirst().darkWatts())
        .isCloseTo(idle / supply.efficiency() + supply.idleWatts(), within(1e-4));
    assertThat(s.standby()).allMatch(d -> !d.switched());
  }

  @Test
  void aBoardThatHangsOnACutSupplyStartsAnewUnlessSomethingKeepsIt() {
    LocalDate day = LocalDate.of(2026, 12, 1);
    Hours hours =
        new Hours(
            new Hours.Season(day, day),
            new Hours.Place(51, 4, ZoneId.of("Europe/Brussels")),
            Optional.empty(),
            0,
            Optional.empty(),
            30,
            List.of("S1"),
            new Hours.Tariff(0, ""),
            Hours.Apart.NONE);
    Show cut = LANTERNS.withMains(LANTERNS.mains().withHours(Optional.of(hours)));
    MainsSheet s = sheet(cut);
    assertThat(s.standby().getFirst().switched()).isTrue();
    assertThat(s.standby().getFirst().reboots()).containsExactly("C1");
    MainsDevice brain =
        new MainsDevice("brain", 3, Optional.empty(), Optional.empty(), Optional.of("C1"));
    Show kept = cut.withMains(cut.mains().withDevices(List.of(brain)));
    assertThat(sheet(kept).standby().getFirst().reboots()).isEmpty();
  }

  @Test
  void smallThingsHangOnCircuitsToo() {
    MainsDevice player =
        new MainsDevice("player", 60, Optional.empty(), Optional.of("B"), Optional.empty());
    Show show =
        LANTERNS
            .withMains(LANTERNS.mains().withDevices(List.of(player)))
            .withCircuits(Optional.of(List.of(circuit("A", 230, 16), circuit("B", 230, 16))));
    MainsSheet s = sheet(show);
    MainsSheet.OnCircuit b = s.circuits().getLast();
    assertThat(b.devices()).containsExactly("player");
    // 60 W at a power factor of 0.6 are 100 VA.
    assertThat(b.loadAmps()).isCloseTo(100 / 230.0, within(1e-9));
  }

  @Test
  void phasesAddUpTheirCircuits() {
    Point here = new Point(0, 0);
    Show show =
        LANTERNS.withCircuits(
            Optional.of(
                List.of(
                    circuit("A", 230, 16).with(facts(1, BreakerKind.C, here)),
                    circuit("B", 230, 16).with(facts(2, BreakerKind.C, here)))));
    MainsSheet s = sheet(show);
    assertThat(s.phases()).extracting(MainsSheet.Phase::phase).containsExactly(1, 2);
    // Two supplies, the same on it already: one on each phase.
    assertThat(s.circuits()).allMatch(c -> c.supplies().size() == 1);
    for (int i = 0; i < 2; i++) {
      assertThat(s.phases().get(i).amps()).isEqualTo(s.circuits().get(i).loadAmps());
    }
  }

  /**
   * 20 m of 1.5 mm2 (13.3 ohm/km, IEC 60228, from memory), go and return, from an outlet 18 m away
   * and a metre at each end.
   */
  @Test
  void aCordLosesWhatBothConductorsDo() {
    Show show =
        LANTERNS.withCircuits(
            Optional.of(
                List.of(circuit("A", 230, 16).with(facts(1, BreakerKind.C, new Point(18, 0))))));
    Cords.Cord cord = sheet(show).cords().getFirst();
    assertThat(cord.lengthM()).hasValue(20);
    assertThat(cord.wire().id()).isEqualTo("1.5mm2");
    assertThat(cord.dropVolts()).isCloseTo(2 * 20 * 0.0133 * cord.amps(), within(1e-9));
    assertThat(cord.feeds()).containsExactly("S1", "S2");
    assertThat(cord.ownFuseAmps()).isEmpty();
  }

  /**
   * Copper has 1 + 0.00393 (t - 20) of its resistance at 20 degC (IEC 60287-1-1, table 1; from
   * memory): 1.1572 at 60 degC.
   */
  @Test
  void aCordIsAsWarmAsTheOtherCables() {
    Show cold =
        LANTERNS.withCircuits(
            Optional.of(
                List.of(circuit("A", 230, 16).with(facts(1, BreakerKind.C, new Point(18, 0))))));
    Show warm = cold.withWiring(cold.wiring().with(Conductors.PLAIN.with(60, 0, 0, 0, 0)));
    Cords.Cord cord = sheet(warm).cords().getFirst();
    assertThat(cord.dropVolts()).isCloseTo(2 * 20 * 0.0133 * 1.1572 * cord.amps(), within(1e-9));
  }

  /** At 120 V half as many volts may be lost of twice the amps: long cords grow thick. */
  @Test
  void aLongCordIsThickerAndALargeBreakerWantsAFuse() {
    Show big =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 1200)))
            .withCircuits(
                Optional.of(
                    List.of(
                        circuit("A", 120, 30)
                            .with(facts(1, BreakerKind.THERMAL_MAGNETIC, new Point(110, 0))))));
    Cords.Cord cord = sheet(big).cords().getFirst();
    assertThat(cord.wire().id()).isEqualTo("12AWG");
    assertThat(cord.dropVolts()).isLessThanOrEqualTo(3.6);
    double thinner = Wire.parse("14AWG").orElseThrow().loopOhms(112) * cord.amps();
    assertThat(thinner).isGreaterThan(3.6);
    assertThat(cord.ownFuseAmps()).hasValue(20);
  }

  @Test
  void switchgearBearsAmpsAndSpike() {
    assertThat(Switchgear.bearing(5, 25))
        .hasValueSatisfying(s -> assertThat(s.amps()).isEqualTo(10));
    assertThat(Switchgear.bearing(5, 60))
        .hasValueSatisfying(s -> assertThat(s.amps()).isEqualTo(16));
    assertThat(Switchgear.bearing(41, 10)).isEmpty();
  }
}
