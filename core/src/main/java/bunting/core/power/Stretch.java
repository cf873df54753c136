package bunting.core.power;

import bunting.core.copper.Rails;
import bunting.core.cost.JoinPlaces;
import bunting.core.dc.Line;
import bunting.core.dc.Poles;
import bunting.core.island.Compiler;
import bunting.core.ports.Piece;
import bunting.core.show.Conductors;
import bunting.core.show.Point;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/** Pixels of one or more pieces in a row, of which an island may be made. */
final class Stretch {
  private final Point box;
  private final List<Piece> pieces;
  private final Conductors copper;
  private final int size;
  private final double[] jointM;
  private final List<List<Jumpers.Jumper>> jumpers = new ArrayList<>();
  private final BitSet jumperAfter = new BitSet();

  /** The pieces' pixels, one piece's power going on into the next. */
  Stretch(Point box, List<Piece> pieces, Conductors copper) {
    this.box = box;
    this.pieces = List.copyOf(pieces);
    this.copper = copper;
    this.size = pieces.stream().mapToInt(Piece::pixels).sum();
    jointM = new double[pieces.size() - 1];
    int from = 0;
    for (int k = 0; k < pieces.size(); k++) {
      Piece piece = pieces.get(k);
      int to = from + piece.pixels();
      jumpers.add(Jumpers.of(piece.run(), piece.type()));
      for (Jumpers.Jumper j : jumpers.getLast()) {
        if (j.inside(piece.first(), piece.last())) {
          jumperAfter.set(from + j.afterPixel() - piece.first());
        }
      }
      if (k > 0) {
        jointM[k - 1] = piece.jointFrom(pieces.get(k - 1));
      }
      from = to;
    }
  }

  Point box() {
    return box;
  }

  List<Piece> pieces() {
    return pieces;
  }

  int size() {
    return size;
  }

  double nominalAmps(double brightnessPercent) {
    return pieces.stream().mapToDouble(p -> p.pixels() * p.type().amps(brightnessPercent)).sum();
  }

  /** A pixel of the stretch as a piece's pixel. */
  record Place(int piece, int pixel) {}

  Place place(int index) {
    int left = index;
    for (int k = 0; k < pieces.size(); k++) {
      if (left < pieces.get(k).pixels()) {
        return new Place(k, pieces.get(k).first() + left);
      }
      left -= pieces.get(k).pixels();
    }
    throw new IndexOutOfBoundsException(index);
  }

  /** The cut mark at a pixel, or the last before it; the end of a piece is one too. */
  int atMark(int index) {
    Place at = place(index);
    Piece piece = pieces.get(at.piece());
    int over = (at.pixel() - 1) % piece.type().cutEvery();
    boolean mark = at.pixel() == piece.last() || JoinPlaces.atCutMark(piece.type(), at.pixel());
    return mark ? index : index - Math.min(over, at.pixel() - piece.first());
  }

  /** Index of a run's pixel; -1: not on this stretch. */
  int index(String run, int pixel) {
    int from = 0;
    for (Piece piece : pieces) {
      if (piece.run().name().equals(run) && pixel >= piece.first() && pixel <= piece.last()) {
        return from + pixel - piece.first();
      }
      from += piece.pixels();
    }
    return -1;
  }

  /** Cable from the box to the pixel at an index, metres. */
  double feedM(int index) {
    Place at = place(index);
    Piece piece = pieces.get(at.piece());
    return Geometry.boxToPixel(box, piece.run(), piece.type(), at.pixel());
  }

  /** Where the pixel at an index is. */
  Point point(int index) {
    Place at = place(index);
    Piece piece = pieces.get(at.piece());
    return Geometry.pixel(piece.run(), piece.type(), at.pixel());
  }

  /** Cable along the stretch between two pixels, metres. */
  double alongM(int from, int to) {
    double sum = 0;
    int start = 0;
    for (int k = 0; k < pieces.size() && start <= to; k++) {
      Piece p = pieces.get(k);
      int last = start + p.pixels() - 1;
      int a = Math.max(from, start);
      int b = Math.min(to, last);
      if (a <= b) {
        int shift = p.first() - start;
        sum += Jumpers.alongM(p.type(), jumpers.get(k), a + shift, b + shift);
      }
      sum += k < jointM.length && from <= last && to > last ? jointM[k] : 0;
      start = last + 1;
    }
    return sum;
  }

  /** What jumpers are made of. */
  Wire jumper() {
    return copper.jumper();
  }

  /** Whether a jumper joins a pixel to the next. */
  boolean jumperAfter(int index) {
    return jumperAfter.get(index);
  }

  /**
   * The most amps from each pixel to the next that its type, its jumpers and leads of this wire are
   * known to bear; {@link Double#MAX_VALUE} where nobody says.
   */
  double[] railMost(Wire joints) {
    double[] most = new double[Math.max(0, size - 1)];
    int from = 0;
    for (Piece piece : pieces) {
      int last = from + piece.pixels() - 1;
      Rails.Limit limit = Rails.of(piece.type());
      for (int i = from; i < last; i++) {
        double rail = limit.given() ? limit.amps() : Double.MAX_VALUE;
        most[i] = jumperAfter.get(i) ? copper.jumper().fuseAmpsMax() : rail;
      }
      if (last < most.length) {
        most[last] = joints.fuseAmpsMax();
      }
      from = last + 1;
    }
    return most;
  }

  /** Metres of leads that join its pieces. */
  double jointMetres() {
    return Arrays.stream(jointM).sum();
  }

  /** Its pixels at a brightness, without feeds, and one wire for the leads between pieces. */
  Line bare(double brightnessPercent, Wire joints) {
    List<Compiler.Part> parts = new ArrayList<>();
    for (int k = 0; k < pieces.size(); k++) {
      Piece p = pieces.get(k);
      double ohms = k > 0 ? copper.leadOhms(joints, jointM[k - 1]) : 0;
      Compiler.addPiece(parts, p.type(), p.first(), p.last(), jumpers.get(k), ohms, copper);
    }
    return Compiler.pixels(parts, brightnessPercent, copper);
  }

  /** The same with posts; the first comes from the board's terminals where {@code viaPort}. */
  Line line(
      PowerRules rules,
      double brightnessPercent,
      Poles terminals,
      List<Post> posts,
      boolean viaPort,
      Wire joints) {
    List<Compiler.Cable> cables = new ArrayList<>();
    for (Post post : posts) {
      boolean port = viaPort && cables.isEmpty();
      cables.add(new Compiler.Cable(post.at(), post.wire(), post.metres(), port));
    }
    Line bare = bare(brightnessPercent, joints);
    return Compiler.fed(bare, cables, copper, Poles.supply(rules.supplyVolts()), terminals);
  }
}
