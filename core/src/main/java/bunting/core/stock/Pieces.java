package bunting.core.stock;

import bunting.core.show.Course;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Strand;
import bunting.core.survey.Geometry;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * The pieces of a run: parted where a strip would have to bend across its pads and between strands,
 * always at cut marks. Strings bend freely and are parted between strands alone, where the way to
 * the next is longer than their own pitch.
 */
public final class Pieces {
  /** A jumper is this much longer than the way that it goes, metres (common practice). */
  static final double JUMPER_SLACK_M = 0.15;

  /** A part of a run and the way to the next one. */
  private record Part(int pixels, double wayM) {}

  private Pieces() {}

  /** The pieces of a run as a maker of custom lengths would be asked for them. */
  public static List<Piece> of(Run run, PixelType type) {
    List<Part> parts =
        run.hanging()
            .course()
            .map(c -> parts(c, run, type))
            .orElseGet(() -> List.of(new Part(run.pixels(), 0)));
    List<Piece> pieces = new ArrayList<>();
    int next = 1;
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      boolean last = i == parts.size() - 1;
      pieces.add(
          new Piece(
              run.name(),
              i + 1,
              next,
              next + part.pixels() - 1,
              part.pixels() / type.pitchPerM(),
              last ? Piece.After.END : Piece.After.JUMPER,
              last ? 0 : centimetres(part.wayM() + JUMPER_SLACK_M)));
      next += part.pixels();
    }
    return pieces;
  }

  private static double centimetres(double metres) {
    return Math.ceil(metres * 100 - 1e-6) / 100;
  }

  /** The pieces of a run where none is longer than {@code most} pixels: long ones are joined. */
  static List<Piece> upTo(Run run, PixelType type, int most) {
    List<Piece> pieces = new ArrayList<>();
    for (Piece piece : of(run, type)) {
      int from = piece.firstPixel();
      while (piece.lastPixel() - from + 1 > most) {
        pieces.add(part(piece, pieces.size(), from, from + most - 1, type, Piece.After.JOINT));
        from += most;
      }
      pieces.add(part(piece, pieces.size(), from, piece.lastPixel(), type, piece.after()));
    }
    return pieces;
  }

  private static Piece part(
      Piece of, int before, int first, int last, PixelType type, Piece.After after) {
    return new Piece(
        of.run(),
        before + 1,
        first,
        last,
        (last - first + 1) / type.pitchPerM(),
        after,
        after == Piece.After.JUMPER ? of.jumperM() : 0);
  }

  private static List<Part> parts(Course course, Run run, PixelType type) {
    List<Strand> strands = course.strands();
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < strands.size(); i++) {
      Strand strand = strands.get(i);
      int pixels = Geometry.onStrand(run.pixels(), strands.size(), i);
      double way = i + 1 < strands.size() ? strand.at(1).distanceTo(strands.get(i + 1).at(0)) : 0;
      if (type.strip()) {
        atBends(strand, pixels, type, way, parts);
      } else if (way > 1 / type.pitchPerM() + 1e-9 || parts.isEmpty()) {
        parts.add(new Part(pixels, way));
      } else {
        Part before = parts.removeLast();
        parts.add(new Part(before.pixels() + pixels, way));
      }
    }
    parts.removeIf(p -> p.pixels() == 0);
    return parts;
  }

  private static void atBends(
      Strand strand, int pixels, PixelType type, double way, List<Part> parts) {
    int before = 0;
    for (double bend : strand.bendsM()) {
      BigDecimal share = BigDecimal.valueOf(bend / strand.lengthM() * pixels + 1e-6);
      int at = Geometry.pixelsOf(share, 1, type.cutEvery());
      if (at > before && at < pixels) {
        parts.add(new Part(at - before, 0));
        before = at;
      }
    }
    parts.add(new Part(pixels - before, way));
  }
}
