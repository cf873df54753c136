package bunting.desktop.build;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.build.BuiltBox;
import bunting.core.build.Hole;
import bunting.core.build.Plate;
import bunting.core.explain.Line;
import bunting.desktop.kit.Figures;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;

/** What is in the hand, and what belongs to the whole box: air, wires inside, ferrules, labels. */
final class InsideSide extends SidePanel {
  InsideSide() {
    super("inside-side", 6);
  }

  void show(
      Optional<BuiltBox> box,
      Optional<Plate.Placed> part,
      Optional<Hole> hole,
      Map<String, String> addresses) {
    List<Node> rows = new ArrayList<>();
    if (box.isEmpty()) {
      rows.add(Words.softLines("No box is planned yet."));
    }
    part.ifPresent(p -> part(rows, p));
    hole.ifPresent(h -> hole(rows, h));
    if (box.isPresent() && part.isEmpty() && hole.isEmpty()) {
      rows.add(Words.subheading("Box " + box.get().name()));
      rows.add(
          Words.softLines(
              "Left and right walk through its parts and its holes; a click takes one."));
    }
    box.ifPresent(b -> whole(rows, b, addresses));
    content().getChildren().setAll(rows);
  }

  private static void part(List<Node> rows, Plate.Placed p) {
    rows.add(Words.subheading(p.part().id()));
    rows.add(Words.softLines(p.part().kind().words() + ", " + p.part().says()));
    rows.add(
        Figures.row(
            new Line(
                "Its upper left corner",
                number(p.xMm()) + " / " + number(p.yMm()) + " mm",
                "from the left and from the top; "
                    + number(p.part().wideMm())
                    + " x "
                    + number(p.part().tallMm())
                    + " mm, "
                    + number(p.part().airMm())
                    + " mm of air around it")));
  }

  private static void hole(List<Node> rows, Hole h) {
    rows.add(Words.subheading("Hole " + h.number()));
    rows.add(Words.softLines(h.from() + " to " + h.to()));
    rows.add(
        Figures.row(
            new Line(
                h.words(),
                fixed(h.xMm(), 0) + " mm",
                "from the left wall"
                    + (h.mains() ? ", at the top" : h.row() > 1 ? ", row " + h.row() : "")
                    + "; "
                    + h.wire())));
  }

  private static void whole(List<Node> rows, BuiltBox b, Map<String, String> addresses) {
    rows.add(Words.subheading("Air"));
    BuiltBox.Air air = b.air();
    rows.add(
        Words.softLines(
            fixed(air.watts(), 0)
                + " W heat it to "
                + fixed(air.celsius(), 0)
                + " degC when it is closed"
                + (air.fanM3h() > 0
                    ? ": it wants a vent and a fan of "
                        + fixed(Math.ceil(air.fanM3h()), 0)
                        + " m3/h."
                    : ".")));
    if (!b.inside().isEmpty()) {
      rows.add(Words.subheading("Wires inside"));
      b.inside()
          .forEach(
              i ->
                  rows.add(
                      Words.softLines(
                          i.from()
                              + " to "
                              + i.to()
                              + ": "
                              + (i.wire().isEmpty() ? "short and thick" : i.wire())
                              + ", "
                              + fixed(i.amps(), 1)
                              + " A")));
    }
    rows.add(Words.subheading("Ends"));
    List<String> ends = new ArrayList<>();
    b.ferrules().forEach((wire, n) -> ends.add(n + " ferrules for " + wire));
    ends.add(number(BuiltBox.LOOP_M) + " m of each cable stays inside");
    ends.add("a drip loop below each gland");
    rows.add(Words.softLines(String.join("; ", ends) + "."));
    rows.add(Words.subheading("Labels"));
    b.labels(addresses).forEach(l -> rows.add(Words.softLines(l)));
  }
}
