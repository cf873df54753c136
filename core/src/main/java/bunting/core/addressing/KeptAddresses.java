package bunting.core.addressing;

import bunting.core.ports.BoxLoad;
import bunting.core.ports.UniverseRoom;
import bunting.core.show.Addresses;
import bunting.core.show.Decisions;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.PlainSet;
import bunting.core.show.PortStart;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.SlotRange;
import bunting.core.show.SlotSplit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Addresses of a plan that keeps what it can of an earlier plan's.
 *
 * <p><b>Method.</b> A piece keeps its slots where the show still allows them: issued addresses come
 * first, no universe is reserved or out of range, no pixel straddles where none may, and each port
 * begins where the policy wants it. What is new goes into gaps and after the rest ({@link
 * NailedSlots}). Where a controller then receives more universes than it can, the fewest of its
 * pieces are laid anew: one, else all of that controller, else all that is not issued.
 *
 * <p><b>Limits.</b> Two pieces of one controller that would do are not looked for.
 */
public final class KeptAddresses {
  private final Show show;
  private final List<Piece> pieces = new ArrayList<>();
  private final Map<String, Integer> universesMax = new HashMap<>();
  private final List<HandOut.Nail> issued;

  /** A piece of a run, or a PWM light set, that needs slots. */
  private record Piece(
      Held held, int channels, Fitting fitting, boolean firstOfPort, boolean together) {
    String run() {
      return held.run();
    }

    boolean alike(HandOut.Nail nail) {
      return nail.channels() == channels && nail.grouping() == fitting.grouping();
    }
  }

  private KeptAddresses(Show show) {
    this.show = show;
    this.issued = show.allotting().handOut().map(HandOut::nails).orElse(List.of());
  }

  private KeptAddresses(Show show, List<BoxLoad> boxes) {
    this(show);
    for (BoxLoad box : boxes) {
      String id = box.controller().id();
      universesMax.put(id, box.type().universesMax());
      for (int port = 1; port <= box.ports().size(); port++) {
        int position = 0;
        for (bunting.core.ports.Piece p : box.ports().get(port - 1).pieces()) {
          Held held = new Held(p.run().name(), p.first(), p.last(), id, port, ++position);
          pieces.add(new Piece(held, p.type().channels(), p.run().fitting(), position == 1, false));
        }
      }
    }
  }

  private KeptAddresses(Show show, Decisions decisions) {
    this(show);
    Map<String, Run> runs = new HashMap<>();
    show.runs().forEach(r -> runs.put(r.name(), r));
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, List<Segment>> byBox = new HashMap<>();
    decisions
        .segments()
        .forEach(s -> byBox.computeIfAbsent(s.controller(), k -> new ArrayList<>()).add(s));
    var kinds = show.catalogue().controllerTypesById();
    for (PlacedController c : decisions.controllers()) {
      String id = c.controller().id();
      universesMax.put(id, kinds.get(c.controller().type()).universesMax());
      int port = 0;
      for (Segment s : byBox.getOrDefault(id, List.of())) {
        Run run = runs.get(s.run());
        int channels = types.get(run.type()).channels();
        Held held = new Held(s.run(), s.firstPixel(), s.lastPixel(), id, s.port(), s.position());
        pieces.add(new Piece(held, channels, run.fitting(), s.port() != port, false));
        port = s.port();
      }
    }
    Map<String, PlainSet> sets = new HashMap<>();
    show.others().plainSets().forEach(s -> sets.put(s.name(), s));
    for (OtherDecisions.Output o : decisions.others().outputs()) {
      Held held = new Held(o.set(), 1, 1, o.dimmer(), 0, 0);
      int channels = sets.get(o.set()).channels();
      pieces.add(new Piece(held, channels, Fitting.PLAIN, false, true));
    }
  }

  /**
   * Returns addresses for every piece and controller of a plan.
   *
   * @param before addresses of the plan before it
   */
  public static Addresses of(Show show, Decisions decisions, Addresses before) {
    return new Addresses(
        new KeptAddresses(show, decisions).laid(before.slots()).nails(),
        NetworkAddresses.of(show, decisions.controllers(), before.network()));
  }

  /**
   * Returns a judge of whether universes suffice for boxes, where addresses of an earlier plan may
   * be kept or given up.
   */
  public static UniverseRoom room(Show show, Addresses before) {
    UniverseCount anew = new UniverseCount(show);
    return new UniverseRoom() {
      @Override
      public boolean fits(List<BoxLoad> boxes) {
        return anew.fits(boxes) || new KeptAddresses(show, boxes).laid(before.slots()).fits();
      }

      @Override
      public boolean sufficeAsLaid(List<BoxLoad> boxes) {
        KeptAddresses all = new KeptAddresses(show, boxes);
        return all.lay(all.wellBegun(all.allowed(before.slots()))).fits();
      }
    };
  }

  private Laid laid(List<HandOut.Nail> before) {
    Laid laid = lay(wellBegun(allowed(before)));
    for (String box : laid.tooMany()) {
      laid = fewer(laid, box);
    }
    return laid.fits() ? laid : lay(List.of());
  }

  /** Without the nails of controllers that would not begin where the policy has them begin. */
  private List<HandOut.Nail> wellBegun(List<HandOut.Nail> nails) {
    var starts = show.addressing().boxStarts();
    Map<String, Integer> first = new HashMap<>();
    nails.forEach(
        n -> n.slots().forEach(r -> first.merge(n.held().controller(), r.universe(), Math::min)));
    first
        .entrySet()
        .removeIf(
            e -> {
              int wished = starts.at().getOrDefault(e.getKey(), 0);
              return wished > 0
                  ? e.getValue() >= wished
                  : starts.every() == 0 || e.getValue() % starts.every() == 0;
            });
    return nails.stream().filter(n -> !first.containsKey(n.held().controller())).toList();
  }

  /** Lays one piece of a controller anew, or all of them. */
  private Laid fewer(Laid laid, String box) {
    if (!laid.tooMany().contains(box)) {
      return laid;
    }
    Set<String> runs = new LinkedHashSet<>();
    laid.kept().stream()
        .filter(n -> n.held().controller().equals(box))
        .forEach(n -> runs.add(n.run()));
    for (String run : runs) {
      Laid without = lay(laid.kept().stream().filter(n -> !n.run().equals(run)).toList());
      if (!without.tooMany().contains(box) && !without.exhausted()) {
        return without;
      }
    }
    return lay(laid.kept().stream().filter(n -> !runs.contains(n.run())).toList());
  }

  /**
   * Slots of every piece.
   *
   * @param kept the nails that it was laid by, issued ones apart
   * @param nails of every piece
   * @param tooMany controllers that receive more universes than they can
   */
  private record Laid(
      List<HandOut.Nail> kept, List<HandOut.Nail> nails, Set<String> tooMany, boolean exhausted) {
    boolean fits() {
      return tooMany.isEmpty() && !exhausted;
    }
  }

  private Laid lay(List<HandOut.Nail> kept) {
    List<HandOut.Nail> fixed = new ArrayList<>(issued);
    fixed.addAll(kept);
    SlotBook book =
        new SlotBook(show.addressing(), fixed.isEmpty() ? Optional.empty() : Optional.of(fixed));
    List<HandOut.Nail> nails = new ArrayList<>();
    Map<String, Set<Integer>> universes = new HashMap<>();
    String box = "";
    for (Piece p : pieces) {
      if (!p.held().controller().equals(box)) {
        box = p.held().controller();
        book.startBox(box);
        if (p.together()) {
          book.startPort();
          String board = box;
          book.keepTogether(
              pieces.stream()
                  .filter(q -> q.held().controller().equals(board))
                  .mapToInt(Piece::channels)
                  .sum());
        }
      }
      if (p.firstOfPort()) {
        book.startPort();
      }
      List<SlotRange> slots = new ArrayList<>();
      Set<Integer> own = universes.computeIfAbsent(box, k -> new HashSet<>());
      for (SlotRow row : rows(book, p)) {
        slots.add(new SlotRange(row.universe(), row.firstSlot(), row.lastSlot()));
        own.add(row.universe());
      }
      nails.add(
          new HandOut.Nail(
              p.held(), p.channels(), p.fitting().grouping(), p.fitting().reversed(), slots));
    }
    Set<String> tooMany = new LinkedHashSet<>();
    for (Piece p : pieces) {
      String id = p.held().controller();
      if (universes.get(id).size() > universesMax.getOrDefault(id, Integer.MAX_VALUE)) {
        tooMany.add(id);
      }
    }
    return new Laid(kept, nails, tooMany, book.exhausted());
  }

  private static List<SlotRow> rows(SlotBook book, Piece p) {
    return p.together()
        ? book.together(p.run(), p.channels()).stream().toList()
        : book.take(
            p.run(), p.channels(), p.fitting(), p.held().firstPixel(), p.held().lastPixel());
  }

  /** The nails of an earlier plan that the show still allows, on the controllers of this one. */
  private List<HandOut.Nail> allowed(List<HandOut.Nail> before) {
    BitSet taken = new BitSet();
    Set<String> byIssue = new HashSet<>();
    for (HandOut.Nail n : issued) {
      byIssue.add(n.run());
      n.slots().forEach(r -> mark(taken, r));
    }
    Map<String, List<HandOut.Nail>> nails = new HashMap<>();
    before.forEach(n -> nails.computeIfAbsent(n.run(), k -> new ArrayList<>()).add(n));
    Map<Integer, String> portOf = new HashMap<>();
    List<HandOut.Nail> allowed = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (Piece p : pieces) {
      List<HandOut.Nail> own = nails.getOrDefault(p.run(), List.of());
      if (byIssue.contains(p.run())) {
        continue;
      }
      boolean begun = false;
      for (HandOut.Nail n : own) {
        if (n.held().firstPixel() > p.held().lastPixel()
            || n.held().lastPixel() < p.held().firstPixel()) {
          continue;
        }
        HandOut.Nail cut = cut(n, p);
        begun |= cut.held().firstPixel() == p.held().firstPixel();
        boolean fits =
            begun
                && p.alike(n)
                && !cut.slots().isEmpty()
                && inRange(cut)
                && cut.slots().stream().noneMatch(r -> marked(taken, r))
                && (p.together() || begins(p, cut, portOf));
        if (!fits && cut.held().firstPixel() == p.held().firstPixel()) {
          break;
        }
        if (fits && seen.add(p.run() + "\0" + cut.held().firstPixel())) {
          cut.slots().forEach(r -> mark(taken, r));
          allowed.add(cut);
        }
      }
    }
    return allowed;
  }

  private boolean inRange(HandOut.Nail nail) {
    var policy = show.addressing();
    int owed = 0;
    for (SlotRange r : nail.slots()) {
      boolean outside =
          r.universe() > policy.protocol().universeMax()
              || r.universe() < policy.startUniverse()
              || policy.reserved().stream()
                  .anyMatch(u -> r.universe() >= u.first() && r.universe() <= u.last());
      boolean straddles = (owed + r.slots()) % nail.channels() != 0;
      if (outside || (straddles && policy.split() == SlotSplit.WHOLE_PIXELS)) {
        return false;
      }
      owed = (owed + r.slots()) % nail.channels();
    }
    return true;
  }

  /** Where each port begins in a universe of its own: whether it still does. */
  private boolean begins(Piece p, HandOut.Nail cut, Map<Integer, String> portOf) {
    if (show.addressing().portStart() != PortStart.NEW_UNIVERSE) {
      return true;
    }
    String port = p.held().controller() + "\0" + p.held().port();
    boolean first =
        !p.firstOfPort()
            || cut.held().firstPixel() > p.held().firstPixel()
            || cut.slots().getFirst().first() == 1;
    boolean alone =
        cut.slots().stream().allMatch(r -> portOf.getOrDefault(r.universe(), port).equals(port));
    if (first && alone) {
      cut.slots().forEach(r -> portOf.put(r.universe(), port));
    }
    return first && alone;
  }

  /** What a nail has of a piece's pixels, on the controller that the piece is on now. */
  private static HandOut.Nail cut(HandOut.Nail n, Piece p) {
    boolean turned = n.reversed() != p.fitting().reversed();
    boolean same = n.held().firstPixel() == p.held().firstPixel();
    if (same && (turned || (n.reversed() && !covers(n, p)))) {
      // Other pixels have these slots then, and the slots stay the run's where they suffice.
      int needed = p.fitting().sets(p.held().pixels()) * n.channels();
      List<SlotRange> slots = part(n.slots(), 0, needed);
      boolean suffice = slots.stream().mapToInt(SlotRange::slots).sum() == needed;
      return new HandOut.Nail(
          p.held(),
          n.channels(),
          n.grouping(),
          p.fitting().reversed(),
          suffice ? slots : List.of());
    }
    int first = Math.max(n.held().firstPixel(), p.held().firstPixel());
    int last = Math.min(n.held().lastPixel(), p.held().lastPixel());
    if (turned) {
      first = last + 1;
    }
    boolean whole = first == n.held().firstPixel() && last == n.held().lastPixel();
    Held held =
        new Held(p.run(), first, last, p.held().controller(), p.held().port(), p.held().position());
    if (first > last || (first - n.held().firstPixel()) % n.grouping() != 0) {
      return new HandOut.Nail(held, n.channels(), n.grouping(), n.reversed(), List.of());
    }
    if (whole) {
      return n.withHeld(held);
    }
    int sets = (n.held().pixels() + n.grouping() - 1) / n.grouping();
    int from = (first - n.held().firstPixel()) / n.grouping();
    int to = (last - n.held().firstPixel()) / n.grouping();
    int low = (n.reversed() ? sets - 1 - to : from) * n.channels();
    int high = ((n.reversed() ? sets - 1 - from : to) + 1) * n.channels();
    return new HandOut.Nail(
        held, n.channels(), n.grouping(), n.reversed(), part(n.slots(), low, high));
  }

  private static boolean covers(HandOut.Nail n, Piece p) {
    return n.held().firstPixel() == p.held().firstPixel()
        && n.held().lastPixel() == p.held().lastPixel();
  }

  /** Slots {@code low} to {@code high} of some ranges, counted from 0 through all of them. */
  private static List<SlotRange> part(List<SlotRange> slots, int low, int high) {
    List<SlotRange> out = new ArrayList<>();
    int before = 0;
    for (SlotRange r : slots) {
      int a = Math.max(low - before, 0);
      int b = Math.min(high - before, r.slots());
      if (a < b) {
        out.add(new SlotRange(r.universe(), r.first() + a, r.first() + b - 1));
      }
      before += r.slots();
    }
    return out;
  }

  private static int absolute(int universe, int slot) {
    return (universe - 1) * SlotCursor.SLOTS + slot - 1;
  }

  private static void mark(BitSet taken, SlotRange r) {
    taken.set(absolute(r.universe(), r.first()), absolute(r.universe(), r.last()) + 1);
  }

  private static boolean marked(BitSet taken, SlotRange r) {
    int at = taken.nextSetBit(absolute(r.universe(), r.first()));
    return at >= 0 && at <= absolute(r.universe(), r.last());
  }
}
