package bunting.core.power;

import bunting.core.copper.FuseNames;
import bunting.core.ports.BoxLoad;
import bunting.core.ports.Piece;
import bunting.core.show.Break;
import bunting.core.show.Feed;
import bunting.core.show.PlacedBoard;
import bunting.core.show.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The islands of all boxes as segments, breaks, feeds and loads of supplies. */
final class WrittenDown {
  private final List<Segment> segments = new ArrayList<>();
  private final List<Break> breaks = new ArrayList<>();
  private final List<DraftFeed> drafts = new ArrayList<>();
  private final List<SupplyPacker.Load> loads = new ArrayList<>();
  private final List<DraftTrunk> trunks = new ArrayList<>();
  private final Map<String, Integer> parts = new HashMap<>();
  private final Map<String, String> runOf = new HashMap<>();
  private final Standing standing;

  WrittenDown(Standing standing) {
    this.standing = standing;
  }

  /** The first draft of each island of the box in hand. */
  private final Map<WiredBox.Hung.Place, Integer> firstDraft = new HashMap<>();

  private final Map<WiredBox.Hung.Place, String> hangsOn = new HashMap<>();

  /**
   * A trunk.
   *
   * @param tails its drafts, by their places, in the order of the way
   */
  record DraftTrunk(String id, TrunkPair pair, List<Integer> tails) {}

  /**
   * A feed whose supply and fuse are not known yet.
   *
   * @param fuse a first guess, amps
   * @param fuseMost the largest fuse that its wires and holder bear
   * @param fuseFreely the largest that nothing else behind it minds
   * @param load the load of a supply that it is a part of
   * @param trunk the trunk that it is a tail of
   */
  record DraftFeed(
      String segment,
      int atPixel,
      Optional<String> fuseGroup,
      double fuse,
      double fuseMost,
      double fuseFreely,
      Post post,
      String load,
      Optional<String> trunk) {}

  List<Segment> segments() {
    return segments;
  }

  List<Break> breaks() {
    return breaks;
  }

  List<DraftFeed> drafts() {
    return drafts;
  }

  List<DraftTrunk> trunks() {
    return trunks;
  }

  List<SupplyPacker.Load> loads() {
    return loads;
  }

  private static final String BANK = "bank ";

  static String bankKey(BoxLoad box) {
    return BANK + PlacedBoard.id(box.controller().id(), box.bank());
  }

  /** The board whose bank a load is; empty: it is fed from the distribution. */
  static Optional<String> board(SupplyPacker.Load load) {
    return load.key().startsWith(BANK)
        ? Optional.of(load.key().substring(BANK.length()))
        : Optional.empty();
  }

  /** Writes a box's islands down. */
  void add(WiredBox wired) {
    BoxLoad box = wired.box();
    double bankAmps = 0;
    firstDraft.clear();
    hangsOn.clear();
    for (WiredBox.Hung hung : wired.trunks()) {
      String id = "T" + (trunks.size() + 1 + new java.util.HashSet<>(hangsOn.values()).size());
      hung.at().forEach(at -> hangsOn.put(at, id));
    }
    for (int port = 1; port <= wired.ports().size(); port++) {
      bankAmps += port(box, port, wired.ports().get(port - 1), wired.rules());
    }
    for (WiredBox.Hung hung : wired.trunks()) {
      String id = hangsOn.get(hung.at().getFirst());
      trunks.add(
          new DraftTrunk(
              id,
              hung.pair(),
              hung.pair().branches().stream()
                  .map(b -> firstDraft.get(hung.at().get(b.stop())) + b.post())
                  .toList()));
      loads.add(
          new SupplyPacker.Load(
              id,
              box.controller().at(),
              box.volts(),
              hung.pair().mostAmps() * wired.rules().supplyVolts(),
              false));
    }
    if (box.type().portAmpsMax() > 0) {
      loads.add(
          new SupplyPacker.Load(
              bankKey(box),
              box.controller().at(),
              box.volts(),
              bankAmps * wired.rules().supplyVolts(),
              false));
    }
  }

  /** Writes a port's islands down; returns the amps that hang on the bank. */
  private double port(BoxLoad box, int port, List<PortWiring.Island> islands, PowerRules rules) {
    double bankAmps = 0;
    int position = 0;
    for (int i = 0; i < islands.size(); i++) {
      PortWiring.Island island = islands.get(i);
      FeedTrial trial = island.trial();
      WiredBox.Hung.Place place = new WiredBox.Hung.Place(port - 1, i);
      Optional<String> trunk = Optional.ofNullable(hangsOn.get(place));
      firstDraft.put(place, drafts.size());
      String load =
          island.onBank()
              ? bankKey(box)
              : trunk.orElse("island " + loads.size() + " " + drafts.size());
      if (island.onBank()) {
        bankAmps += trial.totalAmps();
      } else if (trunk.isEmpty()) {
        loads.add(
            new SupplyPacker.Load(
                load,
                box.controller().at(),
                box.volts(),
                trial.totalAmps() * rules.supplyVolts(),
                island.apart()));
      }
      List<String> ids = new ArrayList<>();
      for (int k = 0; k < trial.stretch.pieces().size(); k++) {
        Piece piece = trial.stretch.pieces().get(k);
        Optional<Segment> before =
            position == 0 ? Optional.empty() : Optional.of(segments.getLast());
        if (before.isPresent() && continues(before.get(), piece)) {
          Segment s = before.get();
          breaks.add(new Break(s.id(), s.lastPixel()));
          segments.set(segments.size() - 1, s.upTo(piece.last()));
        } else {
          position++;
          boolean powered = k > 0 || (position == 1 && island.onBank());
          Optional<String> wire =
              powered
                  ? Optional.of(k > 0 ? trial.joints.id() : trial.posts.getFirst().wire().id())
                  : Optional.empty();
          segments.add(
              new Segment(
                  id(piece),
                  piece.run().name(),
                  piece.first(),
                  piece.last(),
                  box.controller().id(),
                  port,
                  position,
                  wire,
                  powered));
        }
        ids.add(segments.getLast().id());
      }
      feeds(box, port, trial, load, ids, trunk);
    }
    return bankAmps;
  }

  private static boolean continues(Segment before, Piece piece) {
    return before.run().equals(piece.run().name()) && before.lastPixel() + 1 == piece.first();
  }

  private void feeds(
      BoxLoad box,
      int port,
      FeedTrial trial,
      String load,
      List<String> segmentOf,
      Optional<String> trunk) {
    for (int f = 0; f < trial.count(); f++) {
      boolean viaPort = f == 0 && trial.port.isPresent();
      Optional<String> group =
          viaPort
              ? Optional.of(FuseNames.of(box.controller().id(), box.type(), port))
              : Optional.empty();
      Post post = trial.posts.get(f);
      Stretch.Place at = trial.stretch.place(post.at());
      drafts.add(
          new DraftFeed(
              segmentOf.get(at.piece()),
              at.pixel(),
              group,
              trial.fuses[f],
              trial.fuseMost(f),
              trial.fuseFreely(f),
              post,
              load,
              trunk));
    }
  }

  /** What a piece was called before; else its run's name and the next number. */
  private String id(Piece piece) {
    String run = piece.run().name();
    Optional<String> known = standing.segment(run, piece.first());
    String id = known.filter(k -> !runOf.containsKey(k)).orElse("");
    while (id.isEmpty() || (known.isEmpty() && standing.isSegment(id)) || runOf.containsKey(id)) {
      id = run + "#" + parts.merge(run, 1, Integer::sum);
    }
    runOf.put(id, run);
    return id;
  }

  /** The feed that was where a draft is; of one that was moved by hand, the one that is missing. */
  Optional<Feed> before(DraftFeed draft) {
    Optional<Feed> there = there(draft);
    if (there.isPresent() || draft.post().held().isEmpty()) {
      return there;
    }
    Set<String> claimed = new HashSet<>();
    drafts.forEach(d -> there(d).map(Feed::id).ifPresent(claimed::add));
    List<DraftFeed> moved =
        drafts.stream()
            .filter(d -> runOf.get(d.segment()).equals(runOf.get(draft.segment())))
            .filter(d -> d.post().held().isPresent() && there(d).isEmpty())
            .toList();
    return standing.feedsOf(runOf.get(draft.segment())).stream()
        .filter(f -> !f.viaPort() && !claimed.contains(f.id()))
        .skip(moved.indexOf(draft))
        .findFirst()
        .filter(f -> draft.fuseGroup().isEmpty());
  }

  private Optional<Feed> there(DraftFeed draft) {
    return standing.feed(
        runOf.get(draft.segment()), draft.atPixel(), draft.fuseGroup().isPresent());
  }
}
