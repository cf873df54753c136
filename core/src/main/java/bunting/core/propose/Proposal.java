package bunting.core.propose;

import bunting.core.assess.Reading;
import bunting.core.checks.Severity;
import bunting.core.plan.Assessment;
import bunting.core.plan.Kept;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.PlacedController;
import bunting.core.show.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Another plan beside the accepted one.
 *
 * @param yours the accepted plan
 * @param proposed the other; the same where none is better
 * @param kept what the other keeps of yours
 * @param shares its parts that can be accepted alone
 */
public record Proposal(Assessment yours, Assessment proposed, Kept kept, List<Share> shares) {
  /** A saving of less than this share of the build cost is not worth a word, percent. */
  private static final double WORTH_PERCENT = 1;

  public Proposal {
    shares = List.copyOf(shares);
  }

  /** A run on another port. */
  public record Move(String run, String from, String to) {}

  /** Returns the build cost of the accepted plan. */
  public double cost() {
    return yours.reading().totals().buildCost();
  }

  /** Returns the build cost of the other plan. */
  public double proposedCost() {
    return proposed.reading().totals().buildCost();
  }

  /** Returns what the other plan saves, in the prices of the show; negative: it costs more. */
  public double saving() {
    return cost() - proposedCost();
  }

  /** Returns how many runs more have a place. */
  public int placed() {
    return yours.reading().decisions().unplaced().size()
        - proposed.reading().decisions().unplaced().size();
  }

  /** Returns how many reasons not to build the plan are gone. */
  public int fewerStops() {
    return yours.count(Severity.STOP) - proposed.count(Severity.STOP);
  }

  /** Whether the builder should hear of it: more can be built, or it saves more than a little. */
  public boolean isWorthAWord() {
    return placed() > 0 || fewerStops() > 0 || saving() * 100 > cost() * WORTH_PERCENT;
  }

  /** Returns the runs that move, in the order of the list, with ports such as {@code C1:3}. */
  public List<Move> moved() {
    Map<String, String> before = ports(yours.reading().decisions());
    Map<String, String> after = ports(proposed.reading().decisions());
    List<Move> moves = new ArrayList<>();
    kept.moved()
        .forEach(run -> moves.add(new Move(run, before.get(run), after.getOrDefault(run, ""))));
    return moves;
  }

  /** Returns ids of feeds that only the other plan has. */
  public List<String> feedsAdded() {
    return missing(feeds(proposed), feeds(yours));
  }

  /** Returns ids of feeds that only the accepted plan has. */
  public List<String> feedsRemoved() {
    return missing(feeds(yours), feeds(proposed));
  }

  /** Returns ids of controllers that only the other plan has. */
  public List<String> controllersAdded() {
    return missing(controllers(proposed), controllers(yours));
  }

  /** Returns ids of controllers that only the accepted plan has. */
  public List<String> controllersRemoved() {
    return missing(controllers(yours), controllers(proposed));
  }

  /** Returns the ports of each run, as {@code C1:3}; of a divided run all, with a comma between. */
  private static Map<String, String> ports(Decisions plan) {
    Map<String, List<Segment>> pieces =
        plan.segments().stream()
            .collect(Collectors.groupingBy(Segment::run, LinkedHashMap::new, Collectors.toList()));
    Map<String, String> ports = new LinkedHashMap<>();
    pieces.forEach(
        (run, list) ->
            ports.put(
                run,
                list.stream()
                    .map(s -> s.controller() + ":" + s.port())
                    .distinct()
                    .collect(Collectors.joining(", "))));
    return ports;
  }

  private static List<String> feeds(Assessment plan) {
    return plan.reading().decisions().feeds().stream().map(Feed::id).toList();
  }

  private static List<String> controllers(Assessment plan) {
    return plan.reading().decisions().controllers().stream()
        .map(PlacedController::controller)
        .map(c -> c.id())
        .toList();
  }

  private static List<String> missing(List<String> from, List<String> there) {
    TreeSet<String> known = new TreeSet<>(there);
    return from.stream().filter(id -> !known.contains(id)).toList();
  }

  /** Returns the accepted plan alone: nothing is better. */
  static Proposal none(Assessment yours) {
    Reading reading = yours.reading();
    int runs = reading.show().runs().size() - reading.decisions().unplaced().size();
    return new Proposal(
        yours,
        yours,
        new Kept(runs, List.of(), List.of(), List.of(), List.of(), List.of()),
        List.of());
  }
}
