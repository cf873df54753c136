package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.faults.Cause;
import bunting.core.faults.Diagnosis;
import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.faults.Layout;
import bunting.core.faults.NextTest;
import bunting.core.faults.Observed;
import bunting.core.faults.Picture;
import bunting.core.faults.Pictures;
import bunting.core.faults.Planting;
import bunting.core.faults.Stretches;
import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import bunting.testkit.RandomShows;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Faults are planted, somebody tells what is seen of them first, does what is asked next, up to
 * four times, and the fault must be among the first three.
 */
@Tag("property")
class FoundFaultsTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final int ANSWERS = 4;
  private static final int FIRST = 3;

  /** Somebody who sees and measures what the fault shows. */
  private static final class Person {
    private final Pictures pictures;
    private final Fault fault;
    private final Random random;

    Person(Pictures pictures, Fault fault, long seed) {
      this.pictures = pictures;
      this.fault = fault;
      this.random = new Random(seed);
    }

    Observed notices() {
      List<Planting.Notice> all = new Planting(pictures, 0).showing(fault);
      Planting.Notice first = all.get(random.nextInt(all.size()));
      Observed told = Observed.NOTHING;
      if (first.byMeter()) {
        return told.with(measures(first.part(), first.pixel()));
      }
      return looks(told, first.sending(), first.part());
    }

    private Observed looks(Observed told, Observed.Sending sending, Layout.Part part) {
      Picture picture = pictures.of(fault, sending, part.chain());
      Observed all = told;
      for (Observed.Seen seen : Stretches.of(picture, part, sending)) {
        all = all.with(seen);
      }
      return all;
    }

    /** With a meter that is off by up to 0.2 %. */
    private Observed.Reading measures(Layout.Part part, int pixel) {
      Observed.Sending white = Observed.Sending.full(bunting.core.pattern.Pattern.WHITE);
      double volts =
          pictures.of(fault, white, part.chain()).volts()[part.indexOf(pixel)]
              * (1 + 0.002 * (2 * random.nextDouble() - 1));
      return new Observed.Reading(white, part.segment().run().name(), pixel, volts);
    }

    Observed answers(Observed told, NextTest test) {
      Observed all = told;
      for (NextTest.Spot spot : test.spots()) {
        Layout.Part part = pictures.layout().partAt(spot.run(), spot.firstPixel()).orElseThrow();
        all =
            test.act() == NextTest.Act.MEASURE
                ? all.with(measures(part, spot.firstPixel()))
                : looks(all, Observed.Sending.full(test.pattern()), part);
      }
      return all;
    }
  }

  private static boolean found(Pictures pictures, Fault fault, long seed) {
    Person person = new Person(pictures, fault, seed);
    Diagnosis diagnosis = new Diagnosis(pictures);
    Observed told = person.notices();
    Diagnosis.Answer answer = diagnosis.of(told);
    for (int i = 0; i < ANSWERS; i++) {
      Optional<NextTest> next =
          answer.tests().stream().filter(t -> t.act() != NextTest.Act.TRY).findFirst();
      if (next.isEmpty()) {
        break;
      }
      told = person.answers(told, next.get());
      answer = diagnosis.of(told);
    }
    double sum = answer.causes().stream().mapToDouble(Cause::share).sum();
    assertThat(sum).isLessThanOrEqualTo(1 + 1e-9);
    List<Cause> listed =
        answer.causes().stream().filter(c -> c.fault().kind().inFiles()).limit(FIRST).toList();
    boolean found = listed.stream().anyMatch(c -> same(c.fault(), fault));
    return found;
  }

  /** The same kind at the same place; an amount within a fifth. */
  private static boolean same(Fault a, Fault b) {
    return switch (a) {
      case Fault.ThinLead t ->
          b instanceof Fault.ThinLead o
              && o.feed().equals(t.feed())
              && Math.abs(t.ohms() - o.ohms()) < 0.2 * o.ohms() + 0.02;
      case Fault.SupplyLow t ->
          b instanceof Fault.SupplyLow o
              && o.supply().equals(t.supply())
              && Math.abs(t.volts() - o.volts()) < 0.03 * o.volts();
      case Fault.OrderWrong t -> b instanceof Fault.OrderWrong o && o.run().equals(t.run());
      case Fault.CountOff t -> b instanceof Fault.CountOff o && o.run().equals(t.run());
      case Fault.UniverseOff t ->
          b instanceof Fault.UniverseOff o && o.controller().equals(t.controller());
      default -> a.equals(b);
    };
  }

  private static void tally(Show show, long seed, int each, Map<FaultKind, int[]> tally) {
    Reading reading = Assessor.sketch(show).reading();
    if (reading.segments().isEmpty()) {
      return;
    }
    Pictures pictures = new Pictures(new Layout(reading));
    for (FaultKind kind : FaultKind.values()) {
      Planting planting = new Planting(pictures, seed + kind.id().hashCode());
      for (int i = 0; kind.inFiles() && i < each; i++) {
        Optional<Fault> fault = planting.plant(kind);
        if (fault.isPresent()) {
          int[] counts = tally.computeIfAbsent(kind, k -> new int[2]);
          counts[0] += found(pictures, fault.get(), seed + i) ? 1 : 0;
          counts[1]++;
        }
      }
    }
  }

  private static void most(Map<FaultKind, int[]> tally, double share) {
    int found = 0;
    int all = 0;
    List<String> each = new ArrayList<>();
    for (Map.Entry<FaultKind, int[]> e : tally.entrySet()) {
      found += e.getValue()[0];
      all += e.getValue()[1];
      each.add(e.getKey().id() + " " + e.getValue()[0] + "/" + e.getValue()[1]);
    }
    assertThat((double) found / all).as(each.toString()).isGreaterThanOrEqualTo(share);
  }

  @Test
  void faultsOfTheFairAreFound() throws Exception {
    Show fair =
        ShowFiles.readRuns(
            Path.of("../examples/RUNS.csv"), Optional.of(Path.of("../examples/SETTINGS.json")));
    Map<FaultKind, int[]> tally = new TreeMap<>();
    tally(fair, 1, 12, tally);
    assertThat(tally).hasSize(17);
    most(tally, 0.95);
  }

  @Test
  void faultsOfRandomShowsAreFound() throws Exception {
    Map<FaultKind, int[]> tally = new TreeMap<>();
    for (long seed = 1; seed <= 25; seed++) {
      RandomShows random = new RandomShows(seed);
      Show show = ShowFiles.ofTexts(random.csv(), MAPPER.writeValueAsString(random.settings()));
      tally(show, seed, 2, tally);
    }
    most(tally, 0.95);
  }
}
