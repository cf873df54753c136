package bunting.core.faults;

import bunting.core.assess.Supposition;
import bunting.core.dc.Shedding;
import bunting.core.island.Alteration;
import bunting.core.island.SolvedBox;
import bunting.core.meter.Sent;
import bunting.core.pattern.Colour;
import bunting.core.pattern.Pattern;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * From a fault to what is seen: the volts of the plan's network with that part changed, and from
 * these and from where data still come the look of each pixel. A pixel is dark below 60 % of its
 * nominal volts or without data, orange below 85 %, else right; one without power passes no data
 * on. The rest is the kind's own: what is sent decides whether it shows. It keeps what it made; a
 * search that nobody waits for any more may still ask while the next one does.
 */
public final class Pictures {
  /** Below this share of its nominal volts a pixel looks orange (common practice, no source). */
  public static final double ORANGE_SHARE = 0.85;

  private static final int KEPT = 4000;

  private record Key(Fault fault, Observed.Sending sending, int chain) {}

  /** A fault of a box that is not there. */
  private static final Fault NOTHING = new Fault.ControllerOff("");

  private final Layout layout;
  private final Map<Key, Picture> sounds = new HashMap<>();
  private final Map<Fault, Reach> reach = new HashMap<>();
  private final Supposition supposition;
  private final Map<Observed.Sending, Sent> sent = new HashMap<>();
  private final Map<Integer, Integer> boards = new HashMap<>();
  private final Map<Key, Picture> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Picture> eldest) {
          return size() > KEPT;
        }
      };

  /** Of a plan. */
  public Pictures(Layout layout) {
    this(layout, Map.of());
  }

  /**
   * Of a plan whose supplies hold other volts than it says.
   *
   * @param trims by their nominal volts
   */
  public Pictures(Layout layout, Map<Double, Double> trims) {
    this.layout = layout;
    this.supposition = new Supposition(layout.reading(), trims);
  }

  /** The plan by its chains. */
  public Layout layout() {
    return layout;
  }

  /** What a chain shows with a fault. */
  public synchronized Picture of(Fault fault, Observed.Sending sending, Layout.Chain chain) {
    return touches(fault, chain)
        ? known.computeIfAbsent(
            new Key(fault, sending, chain.index()), k -> with(fault, sending, chain))
        : sound(sending, chain);
  }

  private Picture with(Fault fault, Observed.Sending sending, Layout.Chain chain) {
    PowerEffect wiring = PowerEffect.of(layout, fault);
    double[] volts = volts(wiring.otherwise(), sending, chain);
    Optional<Looks>[] looks = lit(chain, volts, wiring, fault);
    own(fault, sending.pattern(), chain, looks);
    if (sending.pattern() == Pattern.BLACK) {
      black(looks);
    }
    return new Picture(looks, volts);
  }

  /** What a chain shows while nothing is wrong. */
  public synchronized Picture sound(Observed.Sending sending, Layout.Chain chain) {
    return sounds.computeIfAbsent(
        new Key(NOTHING, sending, chain.index()), k -> with(NOTHING, sending, chain));
  }

  /** Whether a chain may show or measure anything of a fault: it is there, or in its box. */
  synchronized boolean touches(Fault fault, Layout.Chain chain) {
    return reach.computeIfAbsent(fault, f -> Reach.of(layout, f)).touches(chain);
  }

  /** Volts of a chain when nothing gets data: all of its box at idle. */
  public synchronized double[] idleVolts(Layout.Chain chain) {
    return volts(Alteration.NONE, new Observed.Sending(Pattern.BLACK, 0), chain);
  }

  private double[] volts(Alteration otherwise, Observed.Sending sending, Layout.Chain chain) {
    Sent what =
        sent.computeIfAbsent(
            sending, s -> Sent.of(layout.map(), s.pattern(), s.brightnessPercent()));
    int board =
        boards.computeIfAbsent(
            chain.index(), i -> layout.reading().board(chain.controller(), chain.port()));
    SolvedBox box = supposition.box(board, what.brightness(), otherwise);
    return box.ports().get(chain.port() - 1).orElseThrow().volts();
  }

  /** What power and data make of each pixel. */
  private Optional<Looks>[] lit(
      Layout.Chain chain, double[] volts, PowerEffect wiring, Fault fault) {
    int cut = Cuts.firstWithout(layout, fault, chain);
    @SuppressWarnings({"unchecked", "rawtypes"})
    Optional<Looks>[] looks = (Optional<Looks>[]) new Optional[volts.length];
    boolean data = !wiring.dead().contains(chain.controller());
    double nominal = chain.segments().getFirst().type().volts();
    for (int i = 0; i < volts.length; i++) {
      boolean power = volts[i] >= Shedding.DARK_SHARE * nominal;
      data &= power && i < cut;
      boolean orange = volts[i] < ORANGE_SHARE * nominal;
      looks[i] = Optional.of(!data ? Looks.DARK : orange ? Looks.ORANGE : Looks.RIGHT);
    }
    return looks;
  }

  /** Lays over what is lit what the kind itself does. */
  private void own(Fault fault, Pattern pattern, Layout.Chain chain, Optional<Looks>[] looks) {
    switch (fault) {
      case Fault.ControllerHung f -> box(f.controller(), chain, looks, Looks.FROZEN);
      case Fault.PortsSwapped f -> swapped(f, pattern, chain, looks);
      case Fault.OrderWrong f -> order(f, pattern, chain, looks);
      case Fault.RunReversed f -> reversed(f, pattern, chain, looks);
      case Fault.UniverseOff f -> {
        switch (pattern) {
          case CHASE, PORTS, UNIVERSES -> box(f.controller(), chain, looks, Looks.SHIFTED);
          case TENS, FIFTIES, ORDER, FEEDS, IDENTIFY -> unknown(f.controller(), chain, looks);
          default -> {}
        }
      }
      case Fault.CountOff f -> counted(f, pattern, chain, looks);
      case Fault.Noise f -> {
        Layout.Part from = layout.part(f.segment());
        if (from.chain().index() == chain.index()) {
          lay(looks, from.start(), looks.length, Optional.of(Looks.SPARKLING));
        }
      }
      case Fault.AtBox f -> atBox(f, pattern, chain, looks);
      case Fault.AtFeed f -> {
        Layout.Part on = layout.part(layout.feed(f.feed()).segment());
        boolean past = f.kind() == FaultKind.PAST_THE_SWITCH && pattern == Pattern.BLACK;
        if (past && on.chain().index() == chain.index()) {
          int to = on.start() + on.segment().segment().pixels();
          lay(looks, on.start(), to, Optional.of(Looks.LIT));
        }
      }
      default -> {}
    }
  }

  private static void atBox(
      Fault.AtBox fault, Pattern pattern, Layout.Chain chain, Optional<Looks>[] looks) {
    boolean white = pattern == Pattern.WHITE || pattern == Pattern.RAMP;
    switch (fault.kind()) {
      case STARVED -> {
        if (white) {
          box(fault.controller(), chain, looks, Looks.FROZEN);
        }
      }
      case LIMITER_LOW -> box(fault.controller(), chain, looks, Looks.DIM);
      default -> {}
    }
  }

  private static void box(
      String controller, Layout.Chain chain, Optional<Looks>[] looks, Looks as) {
    if (chain.controller().equals(controller)) {
      lay(looks, 0, looks.length, Optional.of(as));
    }
  }

  private static void unknown(String controller, Layout.Chain chain, Optional<Looks>[] looks) {
    if (chain.controller().equals(controller)) {
      lay(looks, 0, looks.length, Optional.empty());
    }
  }

  private static void lay(Optional<Looks>[] looks, int from, int to, Optional<Looks> as) {
    for (int i = from; i < to; i++) {
      looks[i] = looks[i].filter(l -> l == Looks.DARK).isPresent() ? looks[i] : as;
    }
  }

  private static void swapped(
      Fault.PortsSwapped f, Pattern pattern, Layout.Chain chain, Optional<Looks>[] looks) {
    boolean here =
        Cuts.on(f.controller(), f.port(), chain) || Cuts.on(f.controller(), f.other(), chain);
    boolean same = Colour.ofNumber(f.port()) == Colour.ofNumber(f.other());
    if (here && pattern == Pattern.PORTS && !same) {
      lay(looks, 0, looks.length, Optional.of(Looks.WRONG_COLOUR));
    } else if (here && patternHasPlaces(pattern)) {
      lay(looks, 0, looks.length, Optional.empty());
    }
  }

  /** Whether it matters to a pattern which pixel is which. */
  private static boolean patternHasPlaces(Pattern pattern) {
    return switch (pattern) {
      case CHASE, UNIVERSES, FEEDS, TENS, FIFTIES, ORDER -> true;
      case WHITE, RED, GREEN, BLUE, RGB_STEP, PORTS, IDENTIFY, RAMP, BLACK -> false;
    };
  }

  private void order(
      Fault.OrderWrong f, Pattern pattern, Layout.Chain chain, Optional<Looks>[] looks) {
    for (Layout.Part part : layout.parts(f.run())) {
      if (part.chain().index() == chain.index()) {
        int to = part.start() + part.segment().segment().pixels();
        switch (pattern) {
          case RED, GREEN, BLUE -> {
            boolean moved = moved(part.segment().order(), f.order(), pattern);
            lay(
                looks,
                part.start(),
                to,
                moved ? Optional.of(Looks.WRONG_COLOUR) : Optional.empty());
          }
          case RGB_STEP -> lay(looks, part.start(), to, Optional.of(Looks.WRONG_COLOUR));
          case PORTS, IDENTIFY, UNIVERSES, FEEDS, TENS, ORDER ->
              lay(looks, part.start(), to, Optional.empty());
          case WHITE, CHASE, FIFTIES, RAMP, BLACK -> {}
        }
      }
    }
  }

  /** Whether a colour comes out as another one. */
  private static boolean moved(String planned, String real, Pattern colour) {
    char letter = colour.id().toUpperCase(java.util.Locale.ROOT).charAt(0);
    return planned.indexOf(letter) != real.indexOf(letter);
  }

  private void reversed(
      Fault.RunReversed f, Pattern pattern, Layout.Chain chain, Optional<Looks>[] looks) {
    for (Layout.Part part : layout.parts(f.run())) {
      if (part.chain().index() == chain.index() && patternHasPlaces(pattern)) {
        int to = part.start() + part.segment().segment().pixels();
        boolean told = pattern == Pattern.CHASE;
        lay(looks, part.start(), to, told ? Optional.of(Looks.BACKWARDS) : Optional.empty());
      }
    }
  }

  private void counted(
      Fault.CountOff f, Pattern pattern, Layout.Chain chain, Optional<Looks>[] looks) {
    int behind = Integer.MAX_VALUE;
    for (Layout.Part part : layout.parts(f.run())) {
      if (part.chain().index() == chain.index()) {
        behind = part.start() + part.segment().segment().pixels();
      }
    }
    if (behind < looks.length && patternHasPlaces(pattern)) {
      boolean told = pattern == Pattern.CHASE;
      lay(looks, behind, looks.length, told ? Optional.of(Looks.SHIFTED) : Optional.empty());
    }
  }

  /** Nothing is sent: dark is as it should be. */
  private static void black(Optional<Looks>[] looks) {
    for (int i = 0; i < looks.length; i++) {
      boolean unseen =
          looks[i]
              .filter(l -> l == Looks.SPARKLING || l == Looks.FROZEN || l == Looks.LIT)
              .isEmpty();
      looks[i] = unseen ? Optional.of(Looks.RIGHT) : looks[i];
    }
  }
}
