package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.OtherReading;
import java.util.ArrayList;
import java.util.List;

/** Plain sets on their dimmers, bulb strings on their plugs. */
final class OtherSheet {
  private OtherSheet() {}

  /** A light, as both tables have it. */
  private record Light(
      String name,
      String where,
      String output,
      String amps,
      String fuse,
      String wire,
      String leadM,
      String universe,
      String slots) {}

  static Table table(Sources from) {
    List<Light> lights = new ArrayList<>();
    for (OtherReading.Set s : from.reading().others().sets()) {
      var slots = s.slots();
      lights.add(
          new Light(
              s.set().name(),
              s.output().dimmer(),
              s.output().firstOutput() + "-" + (s.output().firstOutput() + s.set().channels() - 1),
              fixed(s.amps(), 2),
              number(s.output().fuseAmps()) + " A",
              s.output().wire(),
              fixed(s.leadM(), 1),
              slots.map(r -> "" + r.universe()).orElse(""),
              slots.map(r -> r.firstSlot() + "-" + r.lastSlot()).orElse("")));
    }
    for (OtherReading.Chain c : from.reading().others().chains()) {
      for (String string : c.chain().strings()) {
        lights.add(
            new Light(string, place(c), c.chain().id(), fixed(c.amps(), 2), "", "", "", "", ""));
      }
    }
    return Table.of(
        lights,
        List.of(
            Table.<Light>col("light", "Light", Table.Kind.MAIN, Light::name),
            Table.<Light>text("where", "On", Light::where),
            Table.<Light>text("output", "Outputs or plug", Light::output),
            Table.<Light>number("amps", "Amps", Light::amps),
            Table.<Light>text("fuse", "Fuse", Light::fuse),
            Table.<Light>text("wire", "Wire", Light::wire),
            Table.<Light>number("lead_m", "Lead", Light::leadM).shown(from::rough),
            Table.<Light>number("universe", "Universe", Light::universe),
            Table.<Light>text("slots", "Slots", Light::slots)));
  }

  private static String place(OtherReading.Chain c) {
    return c.chain().outlet().map(o -> "outlet " + o + ", ").orElse("")
        + c.chain().circuit().map(k -> "circuit " + k).orElse("no circuit");
  }

  static Page page(Sources from, Page page) {
    page.landscape().head("Plain sets and bulb strings");
    for (OtherReading.Board b : from.reading().others().boards()) {
      page.says(
          b.dimmer().id()
              + ": "
              + b.type().name()
              + ", "
              + number(b.dimmer().volts())
              + " V, "
              + fixed(b.amps(), 1)
              + " A of "
              + number(b.type().boardAmpsMax())
              + " A, fuse "
              + number(b.dimmer().fuseAmps())
              + " A, supply "
              + b.dimmer().supply());
    }
    page.table(table(from));
    for (OtherReading.Chain c : from.reading().others().chains()) {
      page.says(
          "Plug "
              + c.chain().id()
              + ", "
              + place(c)
              + ": "
              + String.join(", then ", c.chain().strings())
              + "; "
              + fixed(c.watts(), 0)
              + " W, "
              + fixed(c.amps(), 2)
              + " A");
    }
    return page.caution(
        "Mains strings: RCD or GFCI on every outdoor outlet. A cord carries its own string and all"
            + " behind it. Mains wiring belongs to local codes and, where they say so, to a"
            + " licensed person.");
  }
}
