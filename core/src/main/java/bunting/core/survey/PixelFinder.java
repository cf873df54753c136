package bunting.core.survey;

import bunting.core.show.Catalogue;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Signal;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Which pixel type is mine? Finds it by what can be seen and measured, or makes it. */
public final class PixelFinder {
  /** Pitches that differ by less are the same, a share. */
  private static final double PITCH_SHARE = 0.03;

  /** Amps that differ by less are the same reading, a share. */
  private static final double AMPS_SHARE = 0.1;

  /** Watts of a pixel where nothing was measured (common practice: 0.24 to 0.3). */
  private static final double WATTS_ASSUMED = 0.3;

  private PixelFinder() {}

  /** What the marks beside the wires say. */
  public enum Wires {
    /** V+, data, ground. */
    THREE("3: +, data, −", Signal.ONE_WIRE_800K),
    /** V+, data, backup data, ground. */
    FOUR_BACKUP("4: +, data, backup data, −", Signal.ONE_WIRE_800K),
    /** V+, data, clock, ground. */
    FOUR_CLOCK("4: +, data, clock, −", Signal.CLOCKED),
    /** One common wire and one a colour: no chip in it. */
    COLOURS("4 or 5: one common, one a colour", Signal.ONE_WIRE_800K);

    private final String text;
    private final Signal signal;

    Wires(String text, Signal signal) {
      this.text = text;
      this.signal = signal;
    }

    /** As people see it. */
    public String text() {
      return text;
    }
  }

  /**
   * What was seen and measured.
   *
   * @param volts on the label
   * @param channels colours that it can show, 3 or 4
   * @param ledsPerM LEDs, or bulbs of a string, a metre
   * @param ledsTogether LEDs that always show one colour together, 1 or more
   * @param ledsBetweenCuts LEDs from cut mark to cut mark
   * @param measured a meter's reading at full white, where there is one
   */
  public record Seen(
      double volts,
      Wires wires,
      int channels,
      double ledsPerM,
      int ledsTogether,
      int ledsBetweenCuts,
      Optional<Measured> measured) {
    /** Pixels a metre. */
    public double pitchPerM() {
      return ledsPerM / ledsTogether;
    }

    /** Pixels between cut marks. */
    public int cutEvery() {
      return Math.max(1, (int) Math.round(ledsBetweenCuts / (double) ledsTogether));
    }

    /** Milliamps a pixel by the meter, where it was measured. */
    public Optional<Double> milliamps() {
      return measured.map(m -> 1000 * m.amps() / Math.max(1, Math.round(m.metres() * pitchPerM())));
    }
  }

  /** Amps through a piece of this length at full white. */
  public record Measured(double amps, double metres) {}

  /** A type of the catalogue, and in which way it is not what was seen; empty: it fits. */
  public record Match(PixelType type, List<String> differences) {
    public Match {
      differences = List.copyOf(differences);
    }

    /** Whether nothing differs. */
    public boolean fits() {
      return differences.isEmpty();
    }
  }

  /**
   * The answer.
   *
   * @param plainSet whether it is no pixel at all but a plain set, which goes on PWM outputs
   * @param matches types of the same voltage, best first
   * @param made a new type of just what was seen
   */
  public record Found(boolean plainSet, List<Match> matches, PixelType made) {
    public Found {
      matches = List.copyOf(matches);
    }
  }

  /** Looks through a catalogue. */
  public static Found find(Catalogue catalogue, Seen seen) {
    List<Match> matches =
        catalogue.pixelTypes().stream()
            .filter(t -> t.volts() == seen.volts())
            .map(t -> new Match(t, differences(t, seen)))
            .sorted(Comparator.comparingInt(m -> m.differences().size()))
            .toList();
    return new Found(
        seen.wires() == Wires.COLOURS, matches, make(seen, catalogue.pixelTypesById().keySet()));
  }

  private static List<String> differences(PixelType type, Seen seen) {
    List<String> list = new ArrayList<>();
    double pitch = seen.pitchPerM();
    if (Math.abs(type.pitchPerM() - pitch) > PITCH_SHARE * pitch) {
      list.add(Texts.number(type.pitchPerM()) + " pixels/m, yours has " + Texts.number(pitch));
    }
    if (type.channels() != seen.channels()) {
      list.add(type.channels() + " colours, yours has " + seen.channels());
    }
    if ((type.signal() == Signal.CLOCKED) != (seen.wires() == Wires.FOUR_CLOCK)) {
      list.add(type.signal() == Signal.CLOCKED ? "has a clock wire" : "has no clock wire");
    }
    if (type.cutEvery() != seen.cutEvery()) {
      list.add("cut every " + type.cutEvery() + ", yours every " + seen.cutEvery());
    }
    seen.milliamps()
        .filter(ma -> Math.abs(ma - type.milliampsFull()) > AMPS_SHARE * type.milliampsFull())
        .ifPresent(
            ma ->
                list.add(
                    Texts.number(type.milliampsFull())
                        + " mA a pixel, yours draws "
                        + Texts.fixed(ma, 1)));
    return list;
  }

  private static PixelType make(Seen seen, Set<String> taken) {
    double pitch = seen.pitchPerM();
    boolean strip = PixelType.isStrip(pitch);
    String colours = seen.channels() == 4 ? "RGBW" : "RGB";
    String stem =
        "my-"
            + Texts.number(seen.volts())
            + "v-"
            + (strip ? "strip-" : "string-")
            + Texts.number(pitch);
    String id = stem;
    for (int n = 2; taken.contains(id); n++) {
      id = stem + "-" + n;
    }
    String name =
        "My "
            + Texts.number(seen.volts())
            + " V "
            + (strip ? "strip, " : "string, ")
            + Texts.number(pitch)
            + "/m, "
            + colours
            + (seen.cutEvery() > 1 ? ", cut every " + seen.cutEvery() : "");
    PixelType type =
        new PixelType(
            id,
            name,
            seen.volts(),
            seen.channels(),
            strip ? (seen.channels() == 4 ? "GRBW" : "GRB") : colours,
            8,
            seen.wires().signal,
            pitch,
            seen.cutEvery(),
            WATTS_ASSUMED / seen.volts() * 1000,
            1,
            LoadKind.CONSTANT_CURRENT,
            strip ? 0.06 : 0.033);
    return seen.milliamps().map(type::withMeasured).orElse(type);
  }
}
