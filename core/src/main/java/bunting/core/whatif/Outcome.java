package bunting.core.whatif;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a loss does.
 *
 * @param loss what failed
 * @param place where it is, for people; empty where the loss's own id says it
 * @param darkPixels pixels below 60 % of their volts on the ports that the loss touches, also where
 *     they were dark before it
 * @param noDataPixels pixels with power behind dark ones or behind a lost lead: they freeze
 * @param sagPixels pixels that fall below the least volts and were above
 * @param lowest the worst that is left with power on the islands that it touches
 * @param overloads fuses, input wires, boards, supplies and circuits that then carry more than they
 *     are rated for
 * @param opensNext fuses that open one after another because of that
 * @param darkInTheEnd pixels without power when they all have
 * @param burns conductors that in the end carry more than their limit while no fuse opens
 * @param darkLights plain sets and bulb strings without power
 */
public record Outcome(
    Loss loss,
    String place,
    int darkPixels,
    int noDataPixels,
    int sagPixels,
    Optional<Lowest> lowest,
    List<Overload> overloads,
    Set<String> opensNext,
    int darkInTheEnd,
    List<Overload> burns,
    Set<String> darkLights) {
  public Outcome {
    overloads = List.copyOf(overloads);
    burns = List.copyOf(burns);
    darkLights = java.util.Collections.unmodifiableSet(new java.util.LinkedHashSet<>(darkLights));
    opensNext = java.util.Collections.unmodifiableSet(new java.util.LinkedHashSet<>(opensNext));
  }

  /** The same for another loss that does the same. */
  Outcome of(Loss other, String where) {
    return new Outcome(
        other,
        where,
        darkPixels,
        noDataPixels,
        sagPixels,
        lowest,
        overloads,
        opensNext,
        darkInTheEnd,
        burns,
        darkLights);
  }

  /** The lowest volts that are left, and where. */
  public record Lowest(double volts, double percent, String run, int pixel) {}

  /** Something that carries more than it may. */
  public record Overload(String id, double amps, double mostAmps) {}

  /** What failed and where, for people. */
  public String name() {
    return place.isEmpty() ? loss.text() : loss.text() + " · " + place;
  }

  /** Pixels that anybody sees something wrong with. */
  public int touched() {
    return Math.max(darkPixels, darkInTheEnd) + noDataPixels + sagPixels + darkLights.size();
  }

  /** One line for people. */
  public String text() {
    StringBuilder text = new StringBuilder();
    say(text, darkPixels, " px dark");
    say(text, noDataPixels, " px without data");
    say(text, sagPixels, " px below the least volts");
    if (!darkLights.isEmpty()) {
      text.append(text.isEmpty() ? "" : ", ").append(String.join(", ", darkLights)).append(" dark");
    }
    if (!burns.isEmpty()) {
      Overload worst = burns.getFirst();
      text.append(text.isEmpty() ? "" : ", ")
          .append(worst.id())
          .append(" burns: ")
          .append(bunting.core.show.Texts.fixed(worst.amps(), 1))
          .append(" A where ")
          .append(bunting.core.show.Texts.number(worst.mostAmps()))
          .append(" A is the most, and no fuse opens");
    }
    if (!overloads.isEmpty()) {
      Overload worst = overloads.getFirst();
      text.append(text.isEmpty() ? "" : ", ")
          .append(worst.id())
          .append(" then carries ")
          .append(bunting.core.show.Texts.fixed(worst.amps(), 1))
          .append(" A, rated ")
          .append(bunting.core.show.Texts.number(worst.mostAmps()))
          .append(" A");
    }
    if (!opensNext.isEmpty()) {
      text.append(", ")
          .append(opensNext.size())
          .append(opensNext.size() == 1 ? " more fuse opens" : " more fuses open");
      say(text, darkInTheEnd, " px dark in the end");
    }
    return text.isEmpty() ? "nothing to be seen" : text.toString();
  }

  private static void say(StringBuilder text, int count, String what) {
    if (count > 0) {
      text.append(text.isEmpty() ? "" : ", ").append(count).append(what);
    }
  }
}
