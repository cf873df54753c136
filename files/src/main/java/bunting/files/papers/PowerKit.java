package bunting.files.papers;

import bunting.core.kit.Need;
import bunting.core.units.Lengths;
import java.util.List;
import java.util.Set;

/** What is carried for power: fuses with spares, cable by size, supplies, blocks, tails, joints. */
final class PowerKit {
  private static final Set<Need.Group> GROUPS =
      Set.of(
          Need.Group.FUSES, Need.Group.WIRE, Need.Group.POWER, Need.Group.ENDS, Need.Group.MAINS);

  private PowerKit() {}

  static Table table(Sources from) {
    Lengths lengths = from.lengths();
    return Table.of(
        from.needs().stream().filter(n -> GROUPS.contains(n.group())).toList(),
        List.of(
            Table.<Need>text("kind", "Kind", Need::kind),
            Table.<Need>col("size", "Size", Table.Kind.MAIN, Need::size).shown(from::wire),
            Table.<Need>number("planned", "Planned", n -> amount(n, n.planned(), lengths, 1)),
            Table.<Need>col(
                "with_spares",
                "With spares",
                Table.Kind.MAIN_NUMBER,
                n -> amount(n, n.withSpares(), lengths, 0)),
            Table.<Need>text(
                "unit", "Unit", n -> n.unit().equals("m") ? lengths.head() : n.unit())));
  }

  private static String amount(Need n, double value, Lengths lengths, int decimals) {
    return n.unit().equals("m")
        ? lengths.bare(value, decimals)
        : bunting.core.show.Texts.number(value);
  }

  static Page page(Sources from, Page page) {
    return page.head("Power kit")
        .caution(
            "A fuse protects the wire behind it: never put a larger one in than is listed for its"
                + " feed. Switch off before any fuse or plug is moved.")
        .table(table(from));
  }
}
