package bunting.core.power;

import bunting.core.dc.Line;
import bunting.core.island.Compiler;
import bunting.core.ports.Piece;
import bunting.core.show.Conductors;
import bunting.core.show.Point;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Pixels of one or more pieces in a row, of which an island may be made. */
final class Stretch {
  private final Point box;
  private final List<Piece> pieces;
  private final Conductors copper;
  private final int size;
  private final int[] jointAt;
  private final double[] jointM;

  /** The pieces' pixels, one piece's power going on into the next. */
  Stretch(Point box, List<Piece> pieces, Conductors copper) {
    this.box = box;
    this.pieces = List.copyOf(pieces);
    this.copper = copper;
    this.size = pieces.stream().mapToInt(Piece::pixels).sum();
    jointAt = new int[pieces.size() - 1];
    jointM = new double[pieces.size() - 1];
    int from = 0;
    for (int k = 0; k < pieces.size(); k++) {
      Piece piece = pieces.get(k);
      int to = from + piece.pixels();
      if (k > 0) {
        jointAt[k - 1] = from - 1;
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

  /** Cable along the stretch between two pixels, metres. */
  double alongM(int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      int joint = Arrays.binarySearch(jointAt, i);
      sum += joint >= 0 ? jointM[joint] : 1 / pieces.get(place(i).piece()).type().pitchPerM();
    }
    return sum;
  }

  /** Metres of leads that join its pieces. */
  double jointMetres() {
    return Arrays.stream(jointM).sum();
  }

  /** Its pixels at a brightness, without feeds, and one wire for the leads between pieces. */
  Line bare(double brightnessPercent, Wire joints) {
    List<Compiler.Part> parts = new ArrayList<>();
    for (int k = 0; k < pieces.size(); k++) {
      double ohms = k > 0 ? copper.leadOhms(joints, jointM[k - 1]) : 0;
      parts.add(new Compiler.Part(pieces.get(k).type(), pieces.get(k).pixels(), ohms));
    }
    return Compiler.pixels(parts, brightnessPercent, copper);
  }

  /** The same with posts; the first comes from the board's terminals where {@code viaPort}. */
  Line line(
      PowerRules rules,
      double brightnessPercent,
      double terminalVolts,
      List<Post> posts,
      boolean viaPort,
      Wire joints) {
    List<Compiler.Cable> cables = new ArrayList<>();
    for (Post post : posts) {
      List<Double> spans = new ArrayList<>();
      for (int t = 1; t < post.taps().size(); t++) {
        spans.add(alongM(post.taps().get(t - 1), post.taps().get(t)));
      }
      boolean port = viaPort && cables.isEmpty();
      cables.add(
          new Compiler.Cable(post.at(), post.wire(), post.metres(), port, post.taps(), spans));
    }
    Line bare = bare(brightnessPercent, joints);
    return Compiler.fed(bare, cables, copper, rules.supplyVolts(), terminalVolts);
  }
}
