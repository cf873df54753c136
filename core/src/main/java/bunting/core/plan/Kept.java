package bunting.core.plan;

import bunting.core.addressing.HandingOut;
import bunting.core.assess.FeedReading;
import bunting.core.assess.Patches;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.ports.PortRules;
import bunting.core.show.Accepted;
import bunting.core.show.Addresses;
import bunting.core.show.ControllerType;
import bunting.core.show.Feed;
import bunting.core.show.HandOut;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a plan kept of the one that was accepted before it.
 *
 * @param runs how many runs are on the ports where they were
 * @param moved runs that are on other ports
 * @param readdressed runs of which a pixel has other slots
 * @param resized feeds that have another fuse or wire
 * @param because why, a sentence each
 * @param asked those of the sentences that are about runs moved to where they are pinned now
 */
public record Kept(
    int runs,
    List<String> moved,
    List<String> readdressed,
    List<String> resized,
    List<String> because,
    List<String> asked) {
  public Kept {
    moved = List.copyOf(moved);
    readdressed = List.copyOf(readdressed);
    resized = List.copyOf(resized);
    because = List.copyOf(because);
    asked = List.copyOf(asked);
  }

  /** Returns the sentences about what nobody asked for. */
  public List<String> otherwise() {
    return because.stream().filter(b -> !asked.contains(b)).toList();
  }

  /** Compares a plan with the one that its show had accepted; empty: it had none. */
  public static Optional<Kept> of(Reading now) {
    return now.decisions().addresses().isEmpty()
        ? Optional.empty()
        : Keeping.fitted(now.show()).map(before -> new Comparison(before, now).kept());
  }

  /** One comparison. */
  private static final class Comparison {
    private final Accepted before;
    private final Reading now;
    private final Show show;
    private final Map<String, List<Segment>> was = new LinkedHashMap<>();
    private final List<String> because = new ArrayList<>();
    private final List<String> asked = new ArrayList<>();

    Comparison(Accepted before, Reading now) {
      this.before = before;
      this.now = now;
      this.show = now.show();
      before
          .decisions()
          .segments()
          .forEach(s -> was.computeIfAbsent(s.run(), k -> new ArrayList<>()).add(s));
    }

    Kept kept() {
      List<String> moved = new ArrayList<>();
      int stayed = 0;
      for (Run run : show.runs()) {
        List<SegmentReading> is = now.segmentsOf(run.name());
        List<Segment> had = was.getOrDefault(run.name(), List.of());
        if (had.isEmpty() || is.isEmpty()) {
          continue;
        }
        if (places(had).equals(places(is.stream().map(SegmentReading::segment).toList()))) {
          stayed++;
        } else {
          moved.add(run.name());
          because.add(moved(run, had, is));
          if (isPinned(run)) {
            asked.add(because.getLast());
          }
        }
      }
      List<String> readdressed = readdressed();
      List<String> resized = resized();
      return new Kept(stayed, moved, readdressed, resized, because, asked);
    }

    private static Set<String> places(List<Segment> pieces) {
      Set<String> places = new LinkedHashSet<>();
      pieces.forEach(s -> places.add(s.controller() + " port " + s.port()));
      return places;
    }

    private String moved(Run run, List<Segment> had, List<SegmentReading> is) {
      String from = String.join(" and ", places(had));
      String to = String.join(" and ", places(is.stream().map(SegmentReading::segment).toList()));
      return run.name() + " moved from " + from + " to " + to + ": " + why(run, had) + ".";
    }

    private boolean isPinned(Run run) {
      return run.pin().isPresent()
          || show.allotting().byHand().stream().anyMatch(h -> h.run().equals(run.name()));
    }

    /** What speaks against the places that a run had, as the show is now. */
    private String why(Run run, List<Segment> had) {
      if (isPinned(run)) {
        return "it is pinned there";
      }
      if (!run.split() && had.size() > 1) {
        return "it may not be divided any more";
      }
      PixelType type = show.catalogue().pixelTypesById().get(run.type());
      for (Segment s : had) {
        Optional<PortReading> port = now.port(s.controller(), s.port());
        if (port.isEmpty()) {
          return s.controller() + " port " + s.port() + " is not there any more";
        }
        ControllerType kind = port.get().type();
        if (!kind.takes(s.port(), type.volts())) {
          return s.controller() + " does not run at " + Texts.number(type.volts()) + " V";
        }
        boolean last = s.lastPixel() == had.getLast().lastPixel();
        int own = (last ? run.pixels() : s.lastPixel()) - s.firstPixel() + 1;
        int pixels = port.get().pixels() + own;
        double micros = port.get().micros() + own * type.wireMicros();
        double budget = PortRules.budgetMicros(show.settings().targetFps());
        if (pixels > kind.pixelsPerPortMax()) {
          return "port "
              + s.port()
              + " would have "
              + pixels
              + " pixels (limit "
              + kind.pixelsPerPortMax()
              + ")";
        }
        if (micros > budget) {
          return "port "
              + s.port()
              + " would run at "
              + Texts.fixed(PortRules.refreshHz(micros), 1)
              + " fps (target "
              + Texts.number(show.settings().targetFps())
              + ")";
        }
      }
      Segment first = had.getFirst();
      return first.controller() + " port " + first.port() + " cannot power or address it any more";
    }

    private List<String> readdressed() {
      List<HandOut.Nail> slots =
          before.decisions().addresses().map(Addresses::slots).orElse(List.of());
      HandOut had = new HandOut("", "", slots, Map.of());
      List<String> runs = new ArrayList<>();
      for (HandingOut.Change c : HandingOut.changes(had, Patches.of(now))) {
        if (c.state() == HandingOut.State.MOVES) {
          runs.add(c.run());
          because.add(c.run() + " has other slots: " + c.before() + " became " + c.after() + ".");
        }
      }
      return runs;
    }

    private List<String> resized() {
      Map<String, Feed> had = new HashMap<>();
      before.decisions().feeds().forEach(f -> had.put(f.id(), f));
      List<String> feeds = new ArrayList<>();
      for (FeedReading f : now.feeds()) {
        Feed is = f.feed();
        Feed old = had.get(is.id());
        if (old != null && (old.fuseAmps() != is.fuseAmps() || !old.wire().equals(is.wire()))) {
          feeds.add(is.id());
          because.add(
              "Feed "
                  + is.id()
                  + " changed from "
                  + old.wire()
                  + " and "
                  + Texts.number(old.fuseAmps())
                  + " A to "
                  + is.wire()
                  + " and "
                  + Texts.number(is.fuseAmps())
                  + " A: it carries up to "
                  + Texts.fixed(now.worst().feedAmps(is.id()), 2)
                  + " A.");
        }
      }
      return feeds;
    }
  }
}
