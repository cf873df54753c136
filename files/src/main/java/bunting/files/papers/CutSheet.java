package bunting.files.papers;

import bunting.core.show.Texts;
import bunting.core.stock.CutList;
import bunting.core.stock.Piece;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;

/** What is cut from which reel, in which order. */
final class CutSheet {
  private CutSheet() {}

  /** A piece with the reel that it is cut from. */
  private record Cut(CutList.OfType type, int number, CutList.Reel reel, Piece piece) {}

  private static List<Cut> cuts(CutList.OfType type) {
    List<Cut> cuts = new ArrayList<>();
    int number = 0;
    for (CutList.Reel r : type.reels()) {
      number++;
      for (Piece p : r.pieces()) {
        cuts.add(new Cut(type, number, r, p));
      }
    }
    return cuts;
  }

  static Table table(Sources from) {
    return table(from, from.cuts().types().stream().flatMap(t -> cuts(t).stream()).toList());
  }

  private static Table table(Sources from, List<Cut> cuts) {
    return Table.of(
        cuts,
        List.of(
            Table.col("type", "", Table.Kind.FILE, c -> c.type().type().id()),
            Table.<Cut>col("reel", "Reel", Table.Kind.MAIN_NUMBER, c -> "" + c.number()),
            Table.<Cut>text(
                "from",
                "From",
                c -> (c.reel().rest() ? "rest of " : "pack of ") + c.reel().pixels()),
            Table.<Cut>col("run", "For", Table.Kind.MAIN, c -> c.piece().run()),
            Table.<Cut>count("first_pixel", "First pixel", c -> c.piece().firstPixel()),
            Table.<Cut>count("last_pixel", "Last pixel", c -> c.piece().lastPixel()),
            Table.<Cut>col(
                "pixels", "Pixels", Table.Kind.MAIN_NUMBER, c -> "" + c.piece().pixels()),
            Table.<Cut>number("length_m", "Length", c -> Texts.fixed(c.piece().lengthM(), 3))
                .shown(from::exact),
            Table.<Cut>text("after", "Then", c -> after(c.piece())),
            Table.<Cut>number(
                    "jumper_m",
                    "Jumper",
                    c -> c.piece().jumperM() > 0 ? Texts.fixed(c.piece().jumperM(), 2) : "")
                .shown(from::exact)));
  }

  private static String after(Piece piece) {
    return switch (piece.after()) {
      case END -> "end";
      case JOINT -> "joint";
      case JUMPER -> "jumper";
    };
  }

  static Page page(Sources from, Page page) {
    page.head("Cut list")
        .says(
            "Cut at cut marks alone. Mark each piece with run and first pixel before the next cut;"
                + " data goes in at the arrow's tail.");
    Lengths lengths = from.lengths();
    for (CutList.OfType type : from.cuts().types()) {
      page.table(
              type.type().name() + ", " + lengths.per(type.type().pitchPerM(), 1, "px"),
              table(from, cuts(type)))
          .says(summary(type) + ".");
    }
    return page;
  }

  private static String summary(CutList.OfType type) {
    return type.reels().size()
        + (type.reels().size() == 1 ? " reel or string, " : " reels or strings, ")
        + type.over()
        + " px over ("
        + Texts.fixed(type.wastePercent(), 1)
        + " %), "
        + Texts.count(type.joints(), "joint", "joints")
        + ", "
        + Texts.count(type.jumpers(), "jumper", "jumpers")
        + (type.proven() ? "; no way to cut needs less" : "; a good way, not proven the best");
  }
}
