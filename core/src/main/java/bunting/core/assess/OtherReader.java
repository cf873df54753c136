package bunting.core.assess;

import bunting.core.addressing.SlotBook;
import bunting.core.show.BulbString;
import bunting.core.show.DimmerType;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Reads dimmers and bulb chains; their slots come after those of the pixels. */
final class OtherReader {
  private OtherReader() {}

  static OtherReading read(Show show, OtherDecisions decided, SlotBook cursor) {
    double percent = show.settings().brightnessPercent();
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
      double amps = 0;
      int outputs = 0;
      for (OtherDecisions.Output output : decided.outputs()) {
        if (output.dimmer().equals(dimmer.id())) {
          PlainSet set = sets.get(output.set());
          amps += set.amps(percent);
          outputs += set.channels();
          read.add(
              new OtherReading.Set(
                  output,
                  set,
                  set.leadM().orElse(dimmer.at().cableTo(set.at()) + Geometry.BOX_SLACK_M),
                  set.amps(percent),
                  set.outputAmps(percent),
                  cursor.together(set.name(), set.channels())));
        }
      }
      boards.add(new OtherReading.Board(dimmer, types.get(dimmer.type()), outputs, amps));
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
}
