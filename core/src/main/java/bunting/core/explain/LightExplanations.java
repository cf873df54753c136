package bunting.core.explain;

import bunting.core.assess.OtherReading;
import bunting.core.show.Texts;

/** The arithmetic of lights that are not pixels, each in one line. */
public final class LightExplanations {
  private LightExplanations() {}

  /** Amps of a plain set, and how they divide among its outputs. */
  public static String amps(OtherReading.Set s) {
    return Texts.number(s.set().watts())
        + " W / "
        + Texts.number(s.set().volts())
        + " V = "
        + Texts.fixed(s.amps(), 2)
        + " A; / "
        + s.set().channels()
        + " = "
        + Texts.fixed(s.outputAmps(), 2)
        + " A an output";
  }

  /** Outputs and slots of a plain set, its fuse and its wire. */
  public static String place(OtherReading.Set s) {
    return "outputs "
        + s.output().firstOutput()
        + "–"
        + (s.output().firstOutput() + s.set().channels() - 1)
        + s.slots()
            .map(r -> ", universe " + r.universe() + " slots " + r.firstSlot() + "–" + r.lastSlot())
            .orElse(", no slots left")
        + ", fuse "
        + Texts.number(s.output().fuseAmps())
        + " A, "
        + s.output().wire();
  }

  /** Amps of a chain of bulb strings, what its first cord bears, and where it is plugged in. */
  public static String amps(OtherReading.Chain c) {
    return Texts.fixed(c.watts(), 0)
        + " W = "
        + Texts.fixed(c.amps(), 2)
        + " A through the first cord of "
        + Texts.number(c.strings().getFirst().cordAmpsMax())
        + " A; "
        + c.chain().outlet().map(o -> "outlet " + o + ", ").orElse("")
        + c.chain().circuit().map(k -> "circuit " + k).orElse("no circuit named");
  }
}
