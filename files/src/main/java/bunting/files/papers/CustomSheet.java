package bunting.files.papers;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.core.stock.Piece;
import bunting.core.stock.Pieces;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** For a maker of custom lengths: each run in one piece, or with a jumper where it bends. */
final class CustomSheet {
  /**
   * Slack that a jumper round a bend gets, metres (our reckoning): it must not pull at the pads.
   */
  private static final double SLACK_M = 0.05;

  private CustomSheet() {}

  private record Made(Run run, Piece piece) {
    boolean jumps() {
      return piece.after() == Piece.After.JUMPER;
    }
  }

  static Table table(Sources from) {
    Map<String, PixelType> types = from.show().catalogue().pixelTypesById();
    List<Made> made = new ArrayList<>();
    for (Run run : from.show().runs()) {
      Pieces.of(run, types.get(run.type())).forEach(p -> made.add(new Made(run, p)));
    }
    return Table.of(
        made,
        List.of(
            Table.<Made>col("run", "Run", Table.Kind.MAIN, m -> m.run().name()),
            Table.<Made>text("type", "Type", m -> m.run().type()),
            Table.<Made>count("piece", "Piece", m -> m.piece().number()),
            Table.<Made>number("length_m", "Length", m -> Texts.fixed(m.piece().lengthM(), 3))
                .shown(from::exact),
            Table.<Made>col(
                "pixels", "Pixels", Table.Kind.MAIN_NUMBER, m -> "" + m.piece().pixels()),
            Table.<Made>number(
                "jumper_after_pixel",
                "Jumper after",
                m -> m.jumps() ? "" + m.piece().lastPixel() : ""),
            Table.<Made>number(
                    "jumper_m", "Jumper", m -> m.jumps() ? Texts.fixed(m.piece().jumperM(), 2) : "")
                .shown(from::exact),
            Table.<Made>number(
                    "with_slack_m",
                    "with slack",
                    m -> m.jumps() ? Texts.fixed(m.piece().jumperM() + SLACK_M, 2) : "")
                .shown(from::exact)));
  }

  static Page page(Sources from, Page page) {
    return page.head("Custom lengths")
        .says(
            "Pieces as they would be ordered made up: each run in one piece, or with a jumper after"
                + " the pixel named, where it bends or goes on elsewhere. The last column has "
                + from.lengths().text(SLACK_M)
                + " of slack at each bend, so that nothing pulls at the pads.")
        .table(table(from));
  }
}
