package bunting.core.show;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What pixels are cut from.
 *
 * @param packs what can be bought, one or more a pixel type; a type that has none is cut from
 *     {@link #usualPack}
 * @param rests pieces that the builder has
 * @param sparePercent spares by pixel type, percent of its pixels
 */
public record Workshop(List<Pack> packs, List<Rest> rests, Map<String, Double> sparePercent) {
  /** Spares where nobody said otherwise, percent. */
  public static final double SPARE_PERCENT = 5;

  /** Usual packs, no rests, 5 % spares. */
  public static final Workshop EMPTY = new Workshop(List.of(), List.of(), Map.of());

  public Workshop {
    packs = List.copyOf(packs);
    rests = List.copyOf(rests);
    sparePercent = java.util.Collections.unmodifiableMap(new TreeMap<>(sparePercent));
  }

  /** A pack of one unbroken piece. */
  public record Pack(String pixelType, int pixels, double cost) {}

  /** So many pieces of one length that are there already. */
  public record Rest(String pixelType, int pixels, int count) {}

  /** The packs of a type, longest first; where none are given, the usual one. */
  public List<Pack> packsOf(PixelType type) {
    List<Pack> own =
        packs.stream()
            .filter(p -> p.pixelType().equals(type.id()))
            .sorted(java.util.Comparator.comparingInt(Pack::pixels).reversed())
            .toList();
    return own.isEmpty() ? List.of(usualPack(type)) : own;
  }

  /** The rests of a type. */
  public List<Rest> restsOf(String pixelType) {
    return rests.stream().filter(r -> r.pixelType().equals(pixelType) && r.count() > 0).toList();
  }

  /** Spares of a type, percent. */
  public double spare(String pixelType) {
    return Optional.ofNullable(sparePercent.get(pixelType)).orElse(SPARE_PERCENT);
  }

  /** What a type is sold in where nobody said otherwise. */
  public static Pack usualPack(PixelType type) {
    int cut = type.cutEvery();
    return new Pack(type.id(), Math.max(cut, type.packPixels() / cut * cut), 0);
  }
}
