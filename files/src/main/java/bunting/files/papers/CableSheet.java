package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.kit.Cables;
import bunting.core.kit.Plug;
import java.util.List;

/** All cables, each with both ends, metres, gauge, plug and way. */
final class CableSheet {
  private CableSheet() {}

  static Table table(Sources from) {
    return Table.of(
        from.cables(),
        List.of(
            Table.<Cables.Cable>text("kind", "Cable", c -> c.kind().words()),
            Table.col("from", "From", Table.Kind.MAIN, Cables.Cable::from),
            Table.col("to", "To", Table.Kind.MAIN, Cables.Cable::to),
            Table.<Cables.Cable>number(
                    "metres",
                    from.lengths().feet() ? "Length" : "Metres",
                    c -> c.metres().isPresent() ? fixed(c.metres().getAsDouble(), 2) : "")
                .shown(from::rough),
            Table.<Cables.Cable>text("wire", "Wire", c -> c.wire().orElse("data"))
                .shown(from::wire),
            Table.<Cables.Cable>number("conductors", "Conductors", c -> "" + c.conductors()),
            Table.<Cables.Cable>text("plug", "Plug", c -> c.plug().map(Plug::words).orElse("")),
            Table.<Cables.Cable>number(
                    "fuse_amps",
                    "Fuse",
                    c -> c.fuseAmps().isPresent() ? number(c.fuseAmps().getAsDouble()) : "")
                .shown(a -> a.isEmpty() ? "" : a + " A"),
            Table.<Cables.Cable>text("way", "Way", Cables.Cable::way)));
  }

  static Page page(Sources from, Page page) {
    return page.landscape()
        .head("Cable schedule")
        .says(
            "Lengths are from the plan and its slack; measure the way with a tape before a cable is"
                + " cut. One kind of plug for each voltage: nobody can then plug 12 V into 5 V"
                + " pixels.")
        .table(table(from));
  }
}
