package bunting.core.show;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;

/** Whose rules a show is built by. What they say stands beside each figure, with its source. */
public enum RuleProfile {
  /** Nobody chose yet: 80 % for hours, no limit of days. */
  UNSAID("unsaid", "not chosen yet", 80, OptionalInt.empty()),
  /** Gauges, feet, 80 % for hours, 90 days. */
  NORTH_AMERICA("north-america", "North America", 80, OptionalInt.of(90)),
  /** Square millimetres, metres. */
  IEC("iec", "IEC countries", 80, OptionalInt.empty()),
  /** The builder's own figures. */
  OWN("own", "my own", 80, OptionalInt.empty());

  private final String id;
  private final String words;
  private final double continuousPercent;
  private final OptionalInt temporaryDays;

  RuleProfile(String id, String words, double continuousPercent, OptionalInt temporaryDays) {
    this.id = id;
    this.words = words;
    this.continuousPercent = continuousPercent;
    this.temporaryDays = temporaryDays;
  }

  /** Its name in files. */
  public String id() {
    return id;
  }

  /** Its name for people. */
  public String words() {
    return words;
  }

  /** The rules that it begins with. */
  public PlaceRules rules() {
    return new PlaceRules(this, continuousPercent, temporaryDays);
  }

  /** Sizes of wire that are sold there; empty: as they are. */
  public List<Wire> wires() {
    Stream<String> names =
        switch (this) {
          case UNSAID, OWN -> Stream.empty();
          case NORTH_AMERICA ->
              Stream.of("22AWG", "20AWG", "18AWG", "16AWG", "14AWG", "12AWG", "10AWG");
          case IEC ->
              Stream.of("0.5mm2", "0.75mm2", "1.0mm2", "1.5mm2", "2.5mm2", "4.0mm2", "6.0mm2");
        };
    return names.map(n -> Wire.parse(n).orElseThrow()).toList();
  }
}
