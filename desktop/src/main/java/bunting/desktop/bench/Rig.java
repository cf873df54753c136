package bunting.desktop.bench;

import bunting.core.assess.Reading;
import bunting.core.bench.WhiteHold;
import bunting.core.faults.Diagnosis;
import bunting.core.faults.Layout;
import bunting.core.faults.Live;
import bunting.core.faults.Pictures;
import bunting.core.patch.LightMap;
import bunting.core.show.Protocol;
import bunting.desktop.session.OnTheWire;
import bunting.wire.standin.Listener;
import bunting.wire.standin.StandIns;
import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A plan on the bench: its lights, their stand-ins and what hears for them on this machine. */
final class Rig implements Closeable {
  private final Reading reading;
  private final Layout layout;
  private final Pictures pictures;
  private Map<Double, Double> measured = Map.of();
  private Pictures asMeasured;
  private final StandIns standIns;
  private final Live live;
  private final WhiteHold hold;
  private final List<Listener> listeners = new ArrayList<>();

  Rig(Reading reading) {
    this.reading = reading;
    this.layout = new Layout(reading);
    this.pictures = new Pictures(layout);
    this.asMeasured = pictures;
    this.standIns = new StandIns(layout.map());
    this.live = new Live(layout);
    this.hold = WhiteHold.of(reading);
  }

  /** Listens for all protocols: on their usual ports, or where these are taken on free ones. */
  void listen() {
    for (Protocol protocol : Protocol.values()) {
      try {
        listeners.add(open(protocol));
      } catch (IOException e) {
        throw new java.io.UncheckedIOException("this machine has no port that is free", e);
      }
    }
  }

  private Listener open(Protocol protocol) throws IOException {
    try {
      return Listener.open(protocol, standIns, Listener.usualPort(protocol));
    } catch (IOException taken) {
      return Listener.open(protocol, standIns, 0);
    }
  }

  /** What each run shows of a frame, for the other screens. */
  OnTheWire onTheWire(String what, Live.Frame live) {
    Map<String, int[]> rgb = new HashMap<>();
    for (var run : reading.show().runs()) {
      int[] own = new int[run.pixels()];
      for (Layout.Part part : layout.parts(run.name())) {
        var s = part.segment().segment();
        System.arraycopy(
            live.rgb()[part.chain().index()],
            part.start(),
            own,
            Math.min(own.length, s.firstPixel() - 1),
            Math.max(0, Math.min(s.pixels(), own.length - s.firstPixel() + 1)));
      }
      rgb.put(run.name(), own);
    }
    return new OnTheWire(what, rgb);
  }

  Reading reading() {
    return reading;
  }

  Layout layout() {
    return layout;
  }

  LightMap map() {
    return layout.map();
  }

  Pictures pictures() {
    return pictures;
  }

  /** The search for causes with supplies that read other volts than planned, by their nominal. */
  synchronized Diagnosis diagnosis(Map<Double, Double> supplyVolts) {
    if (!supplyVolts.equals(measured)) {
      measured = Map.copyOf(supplyVolts);
      asMeasured = new Pictures(layout, measured);
    }
    return new Diagnosis(asMeasured);
  }

  StandIns standIns() {
    return standIns;
  }

  Live live() {
    return live;
  }

  WhiteHold hold() {
    return hold;
  }

  /** Where a protocol is heard. */
  Listener listener(Protocol protocol) {
    return listeners.stream().filter(l -> l.protocol() == protocol).findFirst().orElseThrow();
  }

  /** Where any sender of this machine reaches the stand-ins. */
  String heardAt() {
    return listeners.stream()
        .map(l -> name(l.protocol()) + " " + l.address().getPort())
        .collect(Collectors.joining(", "));
  }

  static String name(Protocol protocol) {
    return switch (protocol) {
      case SACN -> "sACN";
      case ARTNET -> "Art-Net";
      case DDP -> "DDP";
    };
  }

  @Override
  public void close() {
    listeners.forEach(Listener::close);
    listeners.clear();
  }
}
