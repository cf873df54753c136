package bunting.core.assess;

import bunting.core.addressing.SlotBook;
import bunting.core.show.BulbString;
import bunting.core.show.Conductors;
import bunting.core.show.Decisions;
import bunting.core.show.DimmerType;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/** Reads dimmers and bulb chains; their slots come after those of the pixels. */
final class OtherReader {
  private OtherReader() {}

  static OtherReading read(Show show, Decisions decisions, SlotBook cursor) {
    OtherDecisions decided = decisions.others();
    Map<String, PlainSet> sets =
        show.others().plainSets().stream()
            .collect(Collectors.toMap(PlainSet::name, Function.identity()));
    Map<String, BulbString> strings =
        show.others().bulbStrings().stream()
            .collect(Collectors.toMap(BulbString::name, Function.identity()));
    Map<String, DimmerType> types = show.catalogue().dimmerTypesById();
    List<OtherReading.Board> boards = new ArrayList<>();
    List<OtherReading.Set> read = new ArrayList<>();
    for (OtherDecisions.Dimmer dimmer : decided.dimmers()) {
      cursor.startBox(dimmer.id());
      cursor.startPort();
      int slots =
          decided.outputs().stream()
              .filter(o -> o.dimmer().equals(dimmer.id()))
              .mapToInt(o -> sets.get(o.set()).channels())
              .sum();
      cursor.keepTogether(slots);
      int outputs = 0;
      for (OtherDecisions.Output output : decided.outputs()) {
        if (output.dimmer().equals(dimmer.id())) {
          PlainSet set = sets.get(output.set());
          outputs += set.channels();
          read.add(
              new OtherReading.Set(
                  output,
                  set,
                  set.leadM().orElse(dimmer.at().cableTo(set.at()) + Geometry.BOX_SLACK_M),
                  0,
                  0,
                  0,
                  cursor.together(set.name(), set.channels())));
        }
      }
      boards.add(new OtherReading.Board(dimmer, types.get(dimmer.type()), outputs, 0, 0));
    }
    List<OtherReading.Chain> chains =
        decided.chains().stream()
            .map(
                c -> {
                  List<BulbString> own = c.strings().stream().map(strings::get).toList();
                  double volts = show.settings().mainsVolts();
                  return new OtherReading.Chain(
                      c,
                      own,
                      own.stream().mapToDouble(BulbString::watts).sum(),
                      own.stream().mapToDouble(b -> b.amps(volts)).sum());
                })
            .toList();
    return new OtherReading(boards, read, chains);
  }

  /**
   * The same, each set at its brightness in percent: what sets and boards draw, and the volts that
   * are left for them.
   */
  static OtherReading at(
      Show show, List<Input> inputs, OtherReading any, ToDoubleFunction<PlainSet> percent) {
    Conductors copper = show.wiring().conductors();
    Map<String, Wire> wires = show.catalogue().wiresById();
    Map<String, Double> amps = new HashMap<>();
    any.sets()
        .forEach(
            s ->
                amps.merge(
                    s.output().dimmer(),
                    s.set().amps(percent.applyAsDouble(s.set())),
                    Double::sum));
    Map<String, Double> terminals = new HashMap<>();
    List<OtherReading.Board> boards = new ArrayList<>();
    for (OtherReading.Board b : any.boards()) {
      String id = b.dimmer().id();
      double sum = amps.getOrDefault(id, 0.0);
      double ohms =
          inputs.stream()
              .filter(i -> i.board().equals(id))
              .mapToDouble(i -> copper.inputOhms(wires.get(i.wire()), i.wires()).loop())
              .sum();
      double volts = copper.supplyVolts(b.dimmer().volts()) - sum * ohms;
      terminals.put(id, volts);
      boards.add(new OtherReading.Board(b.dimmer(), b.type(), b.outputs(), sum, volts));
    }
    List<OtherReading.Set> sets = new ArrayList<>();
    for (OtherReading.Set s : any.sets()) {
      double all = s.set().amps(percent.applyAsDouble(s.set()));
      double each = s.set().outputAmps(percent.applyAsDouble(s.set()));
      double drop = copper.setDropVolts(wires.get(s.output().wire()), s.leadM(), all, each);
      sets.add(
          new OtherReading.Set(
              s.output(),
              s.set(),
              s.leadM(),
              all,
              each,
              terminals.get(s.output().dimmer()) - drop,
              s.slots()));
    }
    return new OtherReading(boards, sets, any.chains());
  }
}
