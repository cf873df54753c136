package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Conductors;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Ten losses of the fair, cascade and all, by a dense solve that shares no code. */
@Tag("slow")
class FairLossesTest {
  private static final Set<String> BOXES = Set.of("Wheel house", "Boathouse", "Footbridge", "Weir");

  /** Not boards, supplies, circuits and wires; a box may have a name of two words. */
  private static final Pattern FUSES_ALONE =
      Pattern.compile("(?!board |supply |circuit |each input wire ).*");

  @Test
  void tenLossesAreWhatAnIndependentSolveSays() throws Exception {
    // The reference knows plain copper alone.
    Show fair = ShowFiles.open(Path.of("..", "examples", "RUNS.csv"));
    Show show = fair.withWiring(fair.wiring().with(Conductors.PLAIN));
    Assessment plan = Assessor.sketch(show);
    JsonNode json = new ObjectMapper().readTree(PlanWriter.write(plan));
    Map<String, double[]> types = new HashMap<>();
    for (PixelType t : show.catalogue().pixelTypes()) {
      double kind =
          t.load() == LoadKind.CONSTANT_POWER ? 1 : t.load() == LoadKind.RESISTIVE ? 2 : 0;
      types.put(
          t.id(),
          new double[] {
            t.volts(), t.milliampsFull() / 1000, t.railOhmsPerM() / t.pitchPerM(), kind
          });
    }
    Map<String, Double> wires = new HashMap<>();
    show.catalogue().wires().forEach(w -> wires.put(w.id(), w.ohmsPerM()));
    IndependentLosses reference = new IndependentLosses(json, types, wires, 0.9);
    WhatIf whatIf = new WhatIf(plan.reading());
    List<Outcome> fuses =
        whatIf.all().stream()
            .filter(o -> o.loss().kind() == Loss.Kind.FUSE && !o.opensNext().isEmpty())
            .filter(o -> BOXES.stream().anyMatch(b -> boxOf(plan, o).equals(b)))
            .limit(6)
            .toList();
    List<Outcome> calm =
        whatIf.all().stream()
            .filter(o -> o.loss().kind() == Loss.Kind.FUSE && o.opensNext().isEmpty())
            .limit(4)
            .toList();
    assertThat(fuses).as("losses with a cascade").hasSize(6);
    assertThat(calm).as("losses without").hasSize(4);
    for (List<Outcome> list : List.of(fuses, calm)) {
      for (Outcome o : list) {
        same(o, reference.lose(Set.of(o.loss().id()), ""));
      }
    }
  }

  private static String boxOf(Assessment plan, Outcome o) {
    return plan.reading().feeds().stream()
        .filter(f -> f.feed().fuse().equals(o.loss().id()))
        .flatMap(
            f ->
                plan.reading().segments().stream()
                    .filter(s -> s.segment().id().equals(f.feed().segment())))
        .map(s -> s.segment().controller())
        .findFirst()
        .orElse("");
  }

  private static void same(Outcome o, IndependentLosses.Answer a) {
    String what = o.name();
    assertThat(o.darkPixels()).as(what + " dark").isEqualTo(a.dark);
    assertThat(o.noDataPixels()).as(what + " no data").isEqualTo(a.noData);
    assertThat(o.sagPixels()).as(what + " below the least").isEqualTo(a.belowLeast);
    assertThat(new TreeSet<>(o.opensNext())).as(what + " opens").isEqualTo(a.opened);
    assertThat(o.darkInTheEnd()).as(what + " in the end").isEqualTo(a.darkInTheEnd);
    Map<String, Double> over = new HashMap<>();
    o.overloads().stream()
        .filter(x -> FUSES_ALONE.matcher(x.id()).matches())
        .forEach(x -> over.put(x.id(), x.amps()));
    System.out.println(what + " ours " + over + " theirs " + a.overloaded);
    assertThat(over.keySet()).as(what + " overloaded").isEqualTo(a.overloaded.keySet());
    over.forEach(
        (id, amps) -> assertThat(amps).as(what).isCloseTo(a.overloaded.get(id), within(1e-4)));
  }
}
