package bunting.core.power;

import bunting.core.dc.Line;
import bunting.core.dc.Trunk;
import bunting.core.ports.Piece;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.LoadKind;
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
  private final double volts;
  private final LoadKind[] kinds;
  private final double[] loopOhms;
  private final int[] jointAt;
  private final double[] jointM;

  /** The pieces' pixels, one piece's power going on into the next. */
  Stretch(Point box, List<Piece> pieces, Conductors copper) {
    this.box = box;
    this.pieces = List.copyOf(pieces);
    this.copper = copper;
    this.volts = pieces.getFirst().type().volts();
    int n = pieces.stream().mapToInt(Piece::pixels).sum();
    kinds = new LoadKind[n];
    loopOhms = new double[Math.max(0, n - 1)];
    jointAt = new int[pieces.size() - 1];
    jointM = new double[pieces.size() - 1];
    int from = 0;
    for (int k = 0; k < pieces.size(); k++) {
      Piece piece = pieces.get(k);
      int to = from + piece.pixels();
      Arrays.fill(kinds, from, to, piece.type().load());
      Arrays.fill(loopOhms, from, to - 1, piece.type().loopOhms() * copper.warmth());
      if (k > 0) {
        Piece before = pieces.get(k - 1);
        jointAt[k - 1] = from - 1;
        jointM[k - 1] =
            Geometry.joint(
                Geometry.pixel(before.run(), before.type(), before.last()),
                Geometry.pixel(piece.run(), piece.type(), piece.first()));
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
    return kinds.length;
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
    int n = size();
    double[] amps = new double[n];
    double[] idle = new double[n];
    int from = 0;
    for (Piece piece : pieces) {
      int to = from + piece.pixels();
      Arrays.fill(amps, from, to, piece.type().amps(brightnessPercent));
      Arrays.fill(idle, from, to, piece.type().amps(0));
      from = to;
    }
    double[] ohms = loopOhms.clone();
    for (int k = 0; k < jointAt.length; k++) {
      ohms[jointAt[k]] = copper.leadOhms(joints, jointM[k]);
    }
    return new Line(volts, volts, amps, kinds, ohms, new int[0], new double[0]).withIdle(idle);
  }

  /** The same with posts; the first comes from the board where {@code viaPort}. */
  Line line(
      PowerRules rules, double brightnessPercent, List<Post> posts, boolean viaPort, Wire joints) {
    List<Post> plain = posts.stream().filter(p -> p.taps().isEmpty()).toList();
    int[] at = new int[plain.size()];
    double[] ohms = new double[at.length];
    double[] source = new double[at.length];
    for (int f = 0; f < at.length; f++) {
      Post post = plain.get(f);
      boolean port = viaPort && f == 0;
      at[f] = post.at();
      ohms[f] = copper.feedOhms(post.wire(), post.metres(), port);
      source[f] = port ? rules.busVolts() : rules.supplyVolts();
    }
    List<Trunk> trunks = new ArrayList<>();
    for (Post post : posts) {
      if (!post.taps().isEmpty()) {
        trunks.add(trunk(post, rules.supplyVolts()));
      }
    }
    return bare(brightnessPercent, joints).withFeeds(at, ohms, source).withTrunks(trunks);
  }

  private Trunk trunk(Post post, double source) {
    int[] at = post.taps().stream().mapToInt(i -> i).toArray();
    double[] spans = new double[at.length - 1];
    double[] taps = new double[at.length];
    for (int t = 0; t < at.length; t++) {
      taps[t] = copper.leadOhms(post.wire(), Feed.TAP_M);
      if (t > 0) {
        spans[t - 1] = copper.warmth() * post.wire().loopOhms(alongM(at[t - 1], at[t]));
      }
    }
    return new Trunk(source, copper.feedOhms(post.wire(), post.metres(), false), at, spans, taps);
  }
}
