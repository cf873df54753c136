package bunting.core.stock;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.List;

/** The pieces of a run: parted at its jumpers ({@link Jumpers}), and where stock is too short. */
public final class Pieces {
  private Pieces() {}

  /** The pieces of a run as a maker of custom lengths would be asked for them. */
  public static List<Piece> of(Run run, PixelType type) {
    List<Piece> pieces = new ArrayList<>();
    int next = 1;
    for (Jumpers.Jumper jumper : Jumpers.of(run, type)) {
      int last = jumper.afterPixel();
      pieces.add(piece(run, type, pieces.size(), next, last, Piece.After.JUMPER, jumper.metres()));
      next = last + 1;
    }
    pieces.add(piece(run, type, pieces.size(), next, run.pixels(), Piece.After.END, 0));
    return pieces;
  }

  private static Piece piece(
      Run run, PixelType type, int before, int first, int last, Piece.After after, double jumperM) {
    double metres = (last - first + 1) / type.pitchPerM();
    return new Piece(run.name(), before + 1, first, last, metres, after, jumperM);
  }

  /** The pieces of a run where none is longer than {@code most} pixels: long ones are joined. */
  static List<Piece> upTo(Run run, PixelType type, int most) {
    List<Piece> pieces = new ArrayList<>();
    for (Piece piece : of(run, type)) {
      int from = piece.firstPixel();
      while (piece.lastPixel() - from + 1 > most) {
        int to = from + most - 1;
        pieces.add(piece(run, type, pieces.size(), from, to, Piece.After.JOINT, 0));
        from += most;
      }
      int last = piece.lastPixel();
      pieces.add(piece(run, type, pieces.size(), from, last, piece.after(), piece.jumperM()));
    }
    return pieces;
  }
}
