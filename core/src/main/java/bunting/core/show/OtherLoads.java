package bunting.core.show;

import java.util.List;

/** Lights of the show that are not pixels. */
public record OtherLoads(List<PlainSet> plainSets, List<BulbString> bulbStrings) {
  /** None. */
  public static final OtherLoads NONE = new OtherLoads(List.of(), List.of());

  public OtherLoads {
    plainSets = List.copyOf(plainSets);
    bulbStrings = List.copyOf(bulbStrings);
  }

  /** Whether there are none. */
  public boolean isEmpty() {
    return plainSets.isEmpty() && bulbStrings.isEmpty();
  }
}
