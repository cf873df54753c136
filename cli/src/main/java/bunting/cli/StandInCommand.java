package bunting.cli;

import bunting.core.limits.Range;
import bunting.core.show.Protocol;
import bunting.files.BadInputException;
import bunting.files.JsonLine;
import bunting.files.PlanLights;
import bunting.wire.standin.BoxStatus;
import bunting.wire.standin.Listener;
import bunting.wire.standin.StandIns;
import bunting.wire.standin.Verdict;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "stand-in",
    mixinStandardHelpOptions = true,
    description = "Simulated controllers of a plan, which listen on this machine alone.")
final class StandInCommand implements Callable<Integer> {
  private static final Range PORTS = Range.between(0, 65_535);
  private static final Range SECONDS = Range.between(0, 10_000_000);
  private static final double SECOND = 1e9;

  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "PLAN.json", description = "What ./bunting plan wrote.")
  private Path plan = Path.of("");

  @Option(
      names = "--protocol",
      paramLabel = "sacn|artnet|ddp",
      description = "One alone; all three by default.")
  private @Nullable String protocol;

  @Option(names = "--port", description = "With --protocol: its port; 0: a free one.")
  private @Nullable Integer port;

  @Option(names = "--seconds", description = "0 or absent: until it is stopped.")
  private double seconds;

  private final CountDownLatch stop = new CountDownLatch(1);

  @Override
  public Integer call() throws Exception {
    List<Protocol> protocols =
        protocol == null ? List.of(Protocol.values()) : List.of(SendCommand.protocol(protocol));
    if (port != null && protocol == null) {
      throw new BadInputException("Command line: --port wants --protocol, whose port it is.");
    }
    if (port != null) {
      SendCommand.need(PORTS, port, "--port");
    }
    SendCommand.need(SECONDS, seconds, "--seconds");
    StandIns standIns = new StandIns(PlanLights.read(plan));
    List<Listener> listeners = new ArrayList<>();
    try {
      for (Protocol p : protocols) {
        listeners.add(listen(p, standIns));
      }
      UntilStopped.run(() -> watch(standIns, listeners), stop::countDown);
    } finally {
      listeners.forEach(Listener::close);
    }
    return 0;
  }

  private Listener listen(Protocol p, StandIns standIns) throws BadInputException {
    int at = port == null ? Listener.usualPort(p) : port;
    try {
      return Listener.open(p, standIns, at);
    } catch (IOException e) {
      throw new BadInputException(
          "Network: port "
              + at
              + " of 127.0.0.1 is taken by another program; end that, or take --protocol "
              + p.id()
              + " --port 0.");
    }
  }

  private void watch(StandIns standIns, List<Listener> listeners) throws InterruptedException {
    for (Listener l : listeners) {
      line(
          new JsonLine()
              .put("event", "listening")
              .put("protocol", l.protocol().id())
              .put("host", l.address().getAddress().getHostAddress())
              .put("port", l.address().getPort()));
    }
    long began = System.nanoTime();
    long end = seconds == 0 ? Long.MAX_VALUE : Math.round(seconds * SECOND);
    boolean stopped = false;
    for (long next = (long) SECOND; !stopped; next += (long) SECOND) {
      long until = Math.min(next, end);
      stopped = stop.await(until - (System.nanoTime() - began), TimeUnit.NANOSECONDS);
      if (!stopped && until == next) {
        status(standIns, (System.nanoTime() - began) / SECOND);
      }
      stopped |= until == end;
    }
    listeners.forEach(Listener::close);
    line(totals("stopped", standIns, (System.nanoTime() - began) / SECOND));
  }

  private void status(StandIns standIns, double now) {
    for (BoxStatus box : standIns.status()) {
      line(
          new JsonLine()
              .put("event", "status")
              .put("seconds", now)
              .put("controller", box.controller())
              .put("frames", box.frames())
              .put("packets", box.packets())
              .put("pixels", box.pixels())
              .put("pixelsLit", box.pixelsLit())
              .put("lastUniverse", last(box)));
    }
    line(totals("total", standIns, now));
  }

  private static Optional<Integer> last(BoxStatus box) {
    return box.lastUniverse().isPresent()
        ? Optional.of(box.lastUniverse().getAsInt())
        : Optional.empty();
  }

  private static JsonLine totals(String event, StandIns standIns, double now) {
    StandIns.Counts counts = standIns.counts();
    return new JsonLine()
        .put("event", event)
        .put("seconds", now)
        .put("packets", counts.packets())
        .put("accepted", counts.of(Verdict.ACCEPTED))
        .put("ignored", counts.of(Verdict.IGNORED))
        .put("rejected", counts.of(Verdict.REJECTED))
        .put("lost", standIns.lost());
  }

  private void line(JsonLine line) {
    PrintWriter out = spec.commandLine().getOut();
    out.println(line.text());
    out.flush();
  }
}
