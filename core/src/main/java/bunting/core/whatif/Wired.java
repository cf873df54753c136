package bunting.core.whatif;

import bunting.core.assess.Consequence;
import bunting.core.assess.InputReading;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.ControllerType;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Segment;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** How a plan hangs together: what is behind each fuse, feed, lead, input, supply and circuit. */
final class Wired {
  final Reading reading;
  final Map<String, Feed> feeds = new LinkedHashMap<>();
  final Map<String, SegmentReading> segments = new HashMap<>();
  final Map<String, Input> inputs = new LinkedHashMap<>();

  /** By the id of a board, its place among all of them. */
  final Map<String, Integer> boxIndex = new LinkedHashMap<>();

  private final Map<String, ControllerType> kinds;
  final Map<String, PlacedBoard> boards = new HashMap<>();
  final Map<String, PlacedController> controllers = new LinkedHashMap<>();
  final Map<String, List<Feed>> behindFuse;

  Wired(Reading reading) {
    this.reading = reading;
    this.kinds = reading.show().catalogue().controllerTypesById();
    reading.feeds().forEach(f -> feeds.put(f.feed().id(), f.feed()));
    reading.segments().forEach(s -> segments.put(s.segment().id(), s));
    reading.worst().inputs().stream()
        .map(InputReading::input)
        .forEach(i -> inputs.put(i.board(), i));
    for (PlacedController c : reading.decisions().controllers()) {
      controllers.put(c.controller().id(), c);
      for (PlacedBoard b : c.everyBoard()) {
        boxIndex.put(b.id(), boxIndex.size());
        boards.put(b.id(), b);
      }
    }
    behindFuse =
        feeds.values().stream()
            .collect(Collectors.groupingBy(Feed::fuse, LinkedHashMap::new, Collectors.toList()));
  }

  String boxOf(Feed feed) {
    return boardOf(segments.get(feed.segment()).segment());
  }

  /** The board that a segment's port is on. */
  String boardOf(Segment s) {
    PlacedController c = controllers.get(s.controller());
    int bank = type(c).bankOf(s.port());
    return PlacedBoard.id(s.controller(), bank);
  }

  private ControllerType type(PlacedController c) {
    return kinds.get(c.controller().type());
  }

  /** Most amps over all ports of a board. */
  double boardMost(String board) {
    PlacedBoard b = boards.get(board);
    return type(controllers.get(b.controller().id())).boardAmps(b.bank());
  }

  Set<String> feedsWhere(Predicate<Feed> which) {
    return feeds.values().stream().filter(which).map(Feed::id).collect(Collectors.toSet());
  }

  /** What is gone when something is lost; what is not there changes nothing. */
  Case lost(Loss loss) {
    return switch (loss.kind()) {
      case FUSE -> Case.NONE.without(ids(behindFuse.getOrDefault(loss.id(), List.of())));
      case FEED -> Case.NONE.without(feedsWhere(f -> f.id().equals(loss.id())));
      case LEAD -> lead(loss.id());
      case INPUT -> input(Case.NONE, loss.id());
      case SUPPLY -> supply(Case.NONE, loss.id());
      case CIRCUIT -> circuit(loss.id());
      case CONTROLLER -> controllers.containsKey(loss.id()) ? Case.NONE.dead(loss.id()) : Case.NONE;
    };
  }

  private static Set<String> ids(List<Feed> feeds) {
    return feeds.stream().map(Feed::id).collect(Collectors.toSet());
  }

  private Case lead(String segment) {
    SegmentReading behind = segments.get(segment);
    if (behind == null) {
      return Case.NONE;
    }
    Segment s = behind.segment();
    Set<String> port =
        s.position() == 1 ? feedsWhere(f -> f.viaPort() && f.segment().equals(segment)) : Set.of();
    return Case.NONE.without(port).cut(segment);
  }

  /** A board with one input wire less; with none left, all that came over it is gone. */
  Case input(Case before, String board) {
    Input input = inputs.get(board);
    if (input == null) {
      return before;
    }
    Case less = before.lessInput(board);
    return less.inputsLost(board) < input.wires() ? less : withoutPower(less, board);
  }

  /** What a board without power takes with it: its ports' feeds, its brain, a dimmer's sets. */
  private Case withoutPower(Case before, String board) {
    Case without =
        before.without(feedsWhere(f -> f.viaPort() && boxOf(f).equals(board))).dark(setsOf(board));
    PlacedBoard own = boards.get(board);
    boolean brain =
        own != null
            && reading.show().wiring().conductors().brainOnBank()
            && controllers.get(own.controller().id()).brain().equals(own);
    return brain ? without.dead(own.controller().id()) : without;
  }

  private Set<String> setsOf(String dimmer) {
    return reading.others().sets().stream()
        .filter(s -> s.output().dimmer().equals(dimmer))
        .map(s -> s.set().name())
        .collect(Collectors.toSet());
  }

  private Case supply(Case before, String supply) {
    Case after = before.without(feedsWhere(f -> f.supply().equals(supply)));
    for (PlacedBoard b : reading.decisions().boards()) {
      if (b.supply().filter(supply::equals).isPresent()) {
        after = withoutPower(after, b.id());
      }
    }
    for (OtherReading.Board b : reading.others().boards()) {
      if (b.dimmer().supply().equals(supply)) {
        after = withoutPower(after, b.dimmer().id());
      }
    }
    return after;
  }

  private Case circuit(String circuit) {
    Case after = Case.NONE;
    for (var s : reading.decisions().supplies()) {
      if (s.circuit().filter(circuit::equals).isPresent()) {
        after = supply(after, s.id());
      }
    }
    Set<String> strings = new HashSet<>();
    for (OtherReading.Chain c : reading.others().chains()) {
      if (c.chain().circuit().filter(circuit::equals).isPresent()) {
        strings.addAll(c.chain().strings());
      }
    }
    return after.dark(strings);
  }

  /** Boxes whose network a case changes, or whose data it stops. */
  Set<String> touched(Case gone) {
    Set<String> boxes = new LinkedHashSet<>();
    for (String id : boxIndex.keySet()) {
      boolean dead =
          gone.deadBoards().contains(boards.get(id).controller().id()) || gone.inputsLost(id) > 0;
      if (dead) {
        boxes.add(id);
      }
    }
    gone.feeds().stream().sorted().forEach(f -> boxes.add(boxOf(feeds.get(f))));
    gone.cutLead().ifPresent(s -> boxes.add(boardOf(segments.get(s).segment())));
    return boxes;
  }

  /** The first pixel that a fuse or feed is there for. */
  String place(Loss loss) {
    Optional<Feed> feed =
        switch (loss.kind()) {
          case FUSE -> behindFuse.getOrDefault(loss.id(), List.of()).stream().findFirst();
          case FEED -> Optional.ofNullable(feeds.get(loss.id()));
          case LEAD, INPUT, SUPPLY, CIRCUIT, CONTROLLER -> Optional.empty();
        };
    return feed.map(f -> segments.get(f.segment()).run().name() + " at " + f.atPixel()).orElse("");
  }

  /** Amps over a board's input while nothing is lost. */
  double inputAmps(String board) {
    return reading.worst().inputs().stream()
        .filter(i -> i.input().board().equals(board))
        .mapToDouble(InputReading::amps)
        .sum();
  }

  Consequence worst() {
    return reading.worst();
  }
}
