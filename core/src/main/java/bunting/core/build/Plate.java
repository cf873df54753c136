package bunting.core.build;

import java.util.ArrayList;
import java.util.List;

/**
 * Parts laid out on the plate of a box, rows from the top down, millimetres from its upper left
 * corner.
 *
 * @param wideMm of the box
 * @param tallMm of the box
 * @param deepMm of the box
 * @param fits whether all has room; else what is over lies beyond the lower edge
 */
public record Plate(double wideMm, double tallMm, double deepMm, List<Placed> parts, boolean fits) {
  /** From the wall of the box to the first part. */
  private static final double EDGE_MM = 20;

  /** From the lowest part to the wall with the glands: room to bend a cable. */
  private static final double BEND_MM = 60;

  private static final double LITRE = 1e6;

  /** Usual boxes, from memory: width, height and depth, the smallest first. */
  private static final double[][] SIZES = {
    {200, 200, 120},
    {250, 200, 150},
    {300, 250, 150},
    {300, 300, 200},
    {400, 300, 200},
    {400, 400, 200},
    {500, 400, 200},
    {500, 500, 250},
    {600, 400, 250},
    {600, 600, 250},
    {800, 600, 300},
    {800, 800, 300},
    {1000, 800, 300},
    {1200, 1000, 300}
  };

  /** A part in its place. */
  public record Placed(Part part, double xMm, double yMm) {}

  public Plate {
    parts = List.copyOf(parts);
  }

  /**
   * The smallest box that holds its parts and its glands.
   *
   * @param litres that it must have at least, for the heat
   * @param glandsMm width that its glands want side by side
   * @param rows of glands that there may be
   */
  static Plate of(List<Part> parts, double litres, double glandsMm, int rows) {
    Plate last = null;
    for (double[] size : SIZES) {
      last = laid(parts, size);
      boolean large = size[0] * size[1] * size[2] / LITRE >= litres - 1e-9;
      boolean glands = glandsMm <= rows * (size[0] - 2 * EDGE_MM);
      if (last.fits() && large && glands) {
        return last;
      }
    }
    return java.util.Objects.requireNonNull(last);
  }

  private static Plate laid(List<Part> parts, double[] size) {
    double room = size[0] - 2 * EDGE_MM;
    List<Placed> placed = new ArrayList<>();
    boolean fits = true;
    double y = EDGE_MM;
    for (Part.Zone zone : Part.Zone.values()) {
      double x = 0;
      double row = 0;
      double before = 0;
      for (Part p : parts) {
        if (p.kind().zone() != zone) {
          continue;
        }
        double gap = x == 0 ? 0 : Math.max(before, p.airMm());
        if (x > 0 && x + gap + p.wideMm() > room) {
          y += row;
          x = 0;
          row = 0;
          gap = 0;
        }
        fits &= p.wideMm() <= room;
        placed.add(new Placed(p, EDGE_MM + x + gap, y));
        x += gap + p.wideMm();
        row = Math.max(row, p.tallMm() + p.airMm());
        before = p.airMm();
      }
      y += row;
    }
    boolean all = fits && y <= size[1] - BEND_MM;
    double down = all ? size[1] - BEND_MM - y : 0;
    return new Plate(
        size[0], size[1], size[2], placed.stream().map(p -> lowered(p, down)).toList(), all);
  }

  /** What has ports stands next to the glands. */
  private static Placed lowered(Placed p, double down) {
    boolean low = p.part().kind().zone() == Part.Zone.BOTTOM;
    return low ? new Placed(p.part(), p.xMm(), p.yMm() + down) : p;
  }

  /** Its volume, litres. */
  public double litres() {
    return wideMm * tallMm * deepMm / LITRE;
  }

  /** As a shop has it. */
  public String words() {
    return String.format(java.util.Locale.ROOT, "%.0f x %.0f x %.0f mm", wideMm, tallMm, deepMm);
  }
}
