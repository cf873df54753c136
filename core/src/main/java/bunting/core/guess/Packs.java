package bunting.core.guess;

import bunting.core.assess.Reading;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.stock.CutList;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How many packs of pixels guesses hang on. Cutting may take seconds, so it is asked by itself. */
public final class Packs {
  private Packs() {}

  /** The types of which more packs would be wanted at the longest, or fewer at the shortest. */
  public static List<Flip> of(Reading reading) {
    List<Flip> flips = new ArrayList<>();
    Show show = reading.show();
    List<Run> guessed = show.runs().stream().filter(TurnedOut::lengthGuessed).toList();
    for (PixelType type : show.catalogue().pixelTypes()) {
      List<String> own =
          guessed.stream().filter(r -> r.type().equals(type.id())).map(Run::name).toList();
      if (!own.isEmpty()) {
        int planned = packs(reading, type, End.AS_SAID);
        flip(type, own, End.LONG, planned, packs(reading, type, End.LONG)).ifPresent(flips::add);
        flip(type, own, End.SHORT, planned, packs(reading, type, End.SHORT)).ifPresent(flips::add);
      }
    }
    return flips;
  }

  private static int packs(Reading reading, PixelType type, End end) {
    Show show = TurnedOut.of(reading.show(), reading.decisions(), r -> end).show();
    List<Run> own = show.runs().stream().filter(r -> r.type().equals(type.id())).toList();
    return CutList.of(show.withRuns(own)).types().stream()
        .flatMap(t -> t.orders().stream())
        .mapToInt(CutList.Order::packs)
        .sum();
  }

  private static Optional<Flip> flip(
      PixelType type, List<String> runs, End end, int planned, int then) {
    boolean more = end == End.LONG && then > planned;
    boolean fewer = end == End.SHORT && then < planned;
    if (!more && !fewer) {
      return Optional.empty();
    }
    String says =
        Texts.count(Math.abs(then - planned), "pack", "packs")
            + " of "
            + type.name()
            + (more ? " more than planned would be wanted: " : " fewer would do: ")
            + then
            + " in place of "
            + planned
            + ".";
    String key = type.id() + (more ? " more" : " fewer");
    return Optional.of(new Flip(Flip.Kind.PACK, key, end, List.of(), runs, says));
  }
}
