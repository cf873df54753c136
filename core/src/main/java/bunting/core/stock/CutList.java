package bunting.core.stock;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Workshop;
import bunting.core.solve.CuttingStock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How all runs of a show are cut, type by type.
 *
 * @param types in the order of the catalogue, those that the runs use
 */
public record CutList(List<OfType> types) {
  /** A new pack costs its pixels this often, a rest once: rests go first, then whole packs. */
  private static final long NEW_PACK = 1000;

  public CutList {
    types = List.copyOf(types);
  }

  /**
   * A pack or a rest that is cut.
   *
   * @param pixels its length
   * @param rest whether the builder has it already
   * @param pieces cut from it, in this order
   */
  public record Reel(int pixels, boolean rest, List<Piece> pieces) {
    public Reel {
      pieces = List.copyOf(pieces);
    }

    /** Pixels that stay over. */
    public int over() {
      return pixels - pieces.stream().mapToInt(Piece::pixels).sum();
    }
  }

  /**
   * Packs of one size to be bought.
   *
   * @param cut packs that are cut into runs
   * @param spare packs for spares beyond what stays over
   */
  public record Order(int packPixels, int cut, int spare, double packCost) {
    /** All packs. */
    public int packs() {
      return cut + spare;
    }
  }

  /**
   * One pixel type.
   *
   * @param pieces all pieces in the order of the runs
   * @param reels what is cut, new packs and rests
   * @param orders packs to be bought, longest first
   * @param sparePixels spares that were asked for, pixels
   * @param proven whether no way to cut needs less
   */
  public record OfType(
      PixelType type,
      List<Piece> pieces,
      List<Reel> reels,
      List<Order> orders,
      int sparePixels,
      boolean proven) {
    public OfType {
      pieces = List.copyOf(pieces);
      reels = List.copyOf(reels);
      orders = List.copyOf(orders);
    }

    /** Pixels in runs. */
    public int pixels() {
      return pieces.stream().mapToInt(Piece::pixels).sum();
    }

    /** Pixels that stay over. */
    public int over() {
      return reels.stream().mapToInt(Reel::over).sum();
    }

    /** What stays over, percent of what is cut. */
    public double wastePercent() {
      int cut = reels.stream().mapToInt(Reel::pixels).sum();
      return cut == 0 ? 0 : 100.0 * over() / cut;
    }

    /** Joints of two pieces in one line. */
    public int joints() {
      return (int) pieces.stream().filter(p -> p.after() == Piece.After.JOINT).count();
    }

    /** Jumpers at bends and between strands. */
    public int jumpers() {
      return (int) pieces.stream().filter(p -> p.after() == Piece.After.JUMPER).count();
    }

    /** Price of the packs, 0 where none is known. */
    public double cost() {
      return orders.stream().mapToDouble(o -> o.packs() * o.packCost()).sum();
    }
  }

  /**
   * Cuts all runs of a show. A pure function; types with many different pieces may take seconds.
   */
  public static CutList of(Show show) {
    List<OfType> types = new ArrayList<>();
    for (PixelType type : show.catalogue().pixelTypes()) {
      List<Run> runs = show.runs().stream().filter(r -> r.type().equals(type.id())).toList();
      if (!runs.isEmpty()) {
        types.add(cut(runs, type, show.workshop()));
      }
    }
    return new CutList(types);
  }

  private static OfType cut(List<Run> runs, PixelType type, Workshop shop) {
    List<Workshop.Pack> packs = shop.packsOf(type);
    List<Workshop.Rest> rests = shop.restsOf(type.id());
    int longest = whole(packs.getFirst().pixels(), type);
    List<Piece> pieces = new ArrayList<>();
    runs.forEach(r -> pieces.addAll(Pieces.upTo(r, type, longest)));
    List<CuttingStock.Bar> bars = new ArrayList<>();
    for (Workshop.Pack pack : packs) {
      int pixels = whole(pack.pixels(), type);
      bars.add(CuttingStock.Bar.endless(pixels, pixels * NEW_PACK));
    }
    for (Workshop.Rest rest : rests) {
      bars.add(new CuttingStock.Bar(rest.pixels(), rest.pixels(), rest.count()));
    }
    CuttingStock.Result result =
        CuttingStock.solve(pieces.stream().map(Piece::pixels).toList(), bars);
    List<Reel> reels =
        result.cuts().stream()
            .sorted(Comparator.comparingInt(CuttingStock.Cut::bar))
            .map(
                c ->
                    new Reel(
                        bars.get(c.bar()).length(),
                        c.bar() >= packs.size(),
                        c.pieces().stream().map(pieces::get).toList()))
            .toList();
    int spare = (int) Math.ceil(sum(pieces) * shop.spare(type.id()) / 100 - 1e-9);
    return new OfType(
        type, pieces, reels, orders(packs, type, reels, spare), spare, result.proven());
  }

  private static int sum(List<Piece> pieces) {
    return pieces.stream().mapToInt(Piece::pixels).sum();
  }

  private static int whole(int pixels, PixelType type) {
    return Math.max(type.cutEvery(), pixels - pixels % type.cutEvery());
  }

  /** What stays over of new packs counts towards the spares; the rest of them are whole packs. */
  private static List<Order> orders(
      List<Workshop.Pack> packs, PixelType type, List<Reel> reels, int sparePixels) {
    int over = reels.stream().filter(r -> !r.rest()).mapToInt(Reel::over).sum();
    int lacking = Math.max(0, sparePixels - over);
    List<Order> orders = new ArrayList<>();
    for (int i = 0; i < packs.size(); i++) {
      int pixels = whole(packs.get(i).pixels(), type);
      int cut = (int) reels.stream().filter(r -> !r.rest() && r.pixels() == pixels).count();
      // Spares are bought in the smallest pack.
      int spare = i == packs.size() - 1 ? (lacking + pixels - 1) / pixels : 0;
      if (cut + spare > 0) {
        orders.add(new Order(pixels, cut, spare, packs.get(i).cost()));
      }
    }
    return orders;
  }
}
