package bunting.core.faults;

import bunting.core.assess.SegmentReading;
import bunting.core.assess.Supposition;
import bunting.core.dc.Shedding;
import bunting.core.dc.WhiteTest;
import bunting.core.island.Alteration;
import bunting.core.island.Brightness;
import bunting.core.island.SolvedBox;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What all pixels show while a frame is on the wire: the colours that they are told, as far as
 * their volts allow them, by the plan's own network with each pixel drawing what it is told; with a
 * fault, if one was planted. A box that is told the same as before is not solved again.
 */
public final class Live {
  private static final int CHANNELS = 4;
  private static final Fault NONE = new Fault.ControllerOff("");

  private final Layout layout;
  private final Shown shown;
  private final Supposition supposition;
  private final Map<Integer, double[][]> told = new HashMap<>();
  private final Map<Integer, SolvedBox> solved = new HashMap<>();
  private final Map<Integer, List<Layout.Chain>> onBoard = new HashMap<>();
  private Optional<Fault> fault = Optional.empty();
  private byte[] held;

  /** Of a plan. */
  public Live(Layout layout) {
    this.layout = layout;
    this.shown = new Shown(layout);
    this.supposition = new Supposition(layout.reading(), Map.of());
    this.held = new byte[layout.map().frameBytes()];
  }

  /**
   * What is wrong from now on.
   *
   * @param now the frame that a box shows that hangs from now on
   */
  public synchronized void plant(Optional<Fault> other, byte[] now) {
    fault = other;
    held = now.clone();
    told.clear();
    solved.clear();
  }

  /**
   * What is shown.
   *
   * @param rgb of each pixel of each chain, 0xRRGGBB
   * @param volts of each pixel of each chain
   */
  @SuppressWarnings("ArrayRecordComponent")
  public record Frame(int[][] rgb, double[][] volts) {}

  /**
   * Works out what is shown.
   *
   * @param frame on the wire
   * @param tick the number of the moment, for what flickers
   */
  public synchronized Frame of(byte[] frame, long tick) {
    List<Layout.Chain> chains = layout.chains();
    Shown.Wire wire = new Shown.Wire(frame, held, tick);
    double[][][] levels = new double[chains.size()][][];
    for (Layout.Chain chain : chains) {
      levels[chain.index()] = shown.levels(chain, wire, fault);
    }
    PowerEffect wiring = PowerEffect.of(layout, fault.orElse(NONE));
    int[][] rgb = new int[chains.size()][];
    double[][] volts = new double[chains.size()][];
    for (int box = 0; box < layout.reading().decisions().boards().size(); box++) {
      List<Layout.Chain> own = of(box);
      if (!own.isEmpty()) {
        SolvedBox now = box(box, own, levels, wiring.otherwise());
        for (Layout.Chain chain : own) {
          volts[chain.index()] = now.ports().get(chain.port() - 1).orElseThrow().volts();
          rgb[chain.index()] = colours(chain, levels[chain.index()], volts[chain.index()], wiring);
        }
      }
    }
    return new Frame(rgb, volts);
  }

  /** The chains on a board, by its place among all boards. */
  private List<Layout.Chain> of(int board) {
    return onBoard.computeIfAbsent(
        board,
        b ->
            layout.chains().stream()
                .filter(c -> layout.reading().board(c.controller(), c.port()) == b)
                .toList());
  }

  private SolvedBox box(
      int box, List<Layout.Chain> own, double[][][] levels, Alteration otherwise) {
    List<double[]> all = new ArrayList<>();
    own.forEach(c -> all.addAll(Arrays.asList(levels[c.index()])));
    double[][] now = all.toArray(new double[0][]);
    SolvedBox before = solved.get(box);
    if (before != null && Arrays.deepEquals(now, told.get(box))) {
      return before;
    }
    Map<String, double[]> percents = new HashMap<>();
    for (Layout.Chain chain : own) {
      for (int s = 0; s < chain.segments().size(); s++) {
        percents.put(
            chain.segments().get(s).segment().id(), percents(chain, s, levels[chain.index()]));
      }
    }
    double[] idle = {0};
    Brightness brightness = s -> percents.getOrDefault(s.id(), idle);
    SolvedBox solution = supposition.fresh(box, brightness, otherwise);
    told.put(box, now);
    solved.put(box, solution);
    return solution;
  }

  /** What the pixels of a segment draw: the mean of their channels. */
  private static double[] percents(Layout.Chain chain, int segment, double[][] levels) {
    SegmentReading s = chain.segments().get(segment);
    int from = chain.starts().get(segment);
    double[] percents = new double[s.segment().pixels()];
    for (int i = 0; i < percents.length; i++) {
      double sum = 0;
      for (double level : levels[from + i]) {
        sum += level;
      }
      percents[i] = Math.min(100, 100 * sum / Math.min(CHANNELS, s.type().channels()));
    }
    return percents;
  }

  private int[] colours(Layout.Chain chain, double[][] levels, double[] volts, PowerEffect wiring) {
    int[] rgb = new int[volts.length];
    int cut = fault.map(f -> Cuts.firstWithout(layout, f, chain)).orElse(volts.length);
    boolean data = !wiring.dead().contains(chain.controller());
    boolean lit = fault.filter(f -> pastTheSwitch(f, chain)).isPresent();
    for (int s = 0; s < chain.segments().size(); s++) {
      SegmentReading segment = chain.segments().get(s);
      double nominal = segment.type().volts();
      for (int i = 0; i < segment.segment().pixels(); i++) {
        int at = chain.starts().get(s) + i;
        double share = volts[at] / nominal;
        data &= share >= Shedding.DARK_SHARE && at < cut;
        double white = levels[at][3];
        double[] told = {
          Math.max(levels[at][0], white),
          Math.max(levels[at][1], white),
          Math.max(levels[at][2], lit ? Math.max(white, 0.25) : white)
        };
        rgb[at] = data ? WhiteTest.rgb(segment.type().load(), share, told) : 0;
      }
    }
    return rgb;
  }

  private boolean pastTheSwitch(Fault f, Layout.Chain chain) {
    return f instanceof Fault.AtFeed a
        && a.kind() == FaultKind.PAST_THE_SWITCH
        && layout.part(layout.feed(a.feed()).segment()).chain().index() == chain.index();
  }
}
