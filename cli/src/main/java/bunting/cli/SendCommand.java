package bunting.cli;

import bunting.core.limits.Range;
import bunting.core.patch.LightMap;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.show.Protocol;
import bunting.files.BadInputException;
import bunting.files.JsonLine;
import bunting.files.PlanLights;
import bunting.wire.send.Clock;
import bunting.wire.send.FramePackets;
import bunting.wire.send.Sender;
import bunting.wire.send.UdpOutlet;
import bunting.wire.standin.Listener;
import java.io.IOException;
import java.io.PrintWriter;
import java.net.InetSocketAddress;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "send",
    mixinStandardHelpOptions = true,
    description = "Sends a test pattern to the lights of a plan, to one machine alone.")
final class SendCommand implements Callable<Integer> {
  private static final Range FPS = Range.aboveTo(0, 1000);
  private static final Range SECONDS = Range.between(0, 10_000_000);

  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "PLAN.json", description = "What ./bunting plan wrote.")
  private Path plan = Path.of("");

  @Option(
      names = "--pattern",
      required = true,
      paramLabel = "NAME",
      description = "white, black, red, green, blue, rgb-step, chase, ports, identify and others.")
  private String pattern = "";

  @Option(
      names = "--to",
      required = true,
      paramLabel = "HOST[:PORT]",
      description = "The machine; port 5568, 6454 or 4048 by protocol.")
  private String to = "";

  @Option(names = "--protocol", paramLabel = "sacn|artnet|ddp", description = "sacn by default.")
  private String protocol = Protocol.SACN.id();

  @Option(names = "--fps", description = "Frames a second, 40 by default.")
  private double fps = 40;

  @Option(names = "--seconds", description = "10 by default; 0: until it is stopped.")
  private double seconds = 10;

  @Override
  public Integer call() throws Exception {
    Protocol by = protocol(protocol);
    Pattern look = pattern(pattern);
    need(FPS, fps, "--fps");
    need(SECONDS, seconds, "--seconds");
    InetSocketAddress target = HostAddress.parse(to, Listener.usualPort(by));
    LightMap map = PlanLights.read(plan);
    List<Integer> beyond = FramePackets.beyond(by, map);
    if (!beyond.isEmpty()) {
      throw new BadInputException(
          plan
              + ": universe "
              + beyond.getFirst()
              + " cannot be sent by "
              + by.id()
              + ", whose highest is "
              + by.universeMax()
              + "; take another --protocol or lower universes.");
    }
    if (!target.getAddress().isLoopbackAddress()) {
      PrintWriter err = spec.commandLine().getErr();
      err.println(
          "Sending beyond this machine, to " + target.getAddress().getHostAddress() + " alone.");
      err.flush();
    }
    try (UdpOutlet outlet = UdpOutlet.to(target)) {
      send(map, by, look, outlet);
    } catch (IOException e) {
      throw new BadInputException(
          "Network: nothing can be sent to "
              + target.getAddress().getHostAddress()
              + "; check that this machine has a way there.");
    }
    return 0;
  }

  private void send(LightMap map, Protocol by, Pattern look, UdpOutlet outlet) throws Exception {
    FramePackets packets = FramePackets.of(by, map, UUID.randomUUID());
    Sender sender = new Sender(packets, outlet, Clock.MACHINE, fps, map.frameBytes());
    Painter painter = new Painter(map, look, fps);
    long most = seconds == 0 ? Long.MAX_VALUE : Math.max(1, Math.round(seconds * fps));
    UntilStopped.run(
        () -> {
          Sender.Sent sent = sender.run(painter::paint, () -> most);
          PrintWriter out = spec.commandLine().getOut();
          out.println(
              new JsonLine()
                  .put("protocol", by.id())
                  .put("universes", map.universes())
                  .put("frames", sent.frames())
                  .put("packets", sent.packets())
                  .put("lateFrames", sent.lateFrames())
                  .put("seconds", sent.seconds())
                  .text());
          out.flush();
        },
        sender::stop);
  }

  static Protocol protocol(String id) throws BadInputException {
    return Arrays.stream(Protocol.values())
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new BadInputException(
                    "Command line: --protocol should be one of "
                        + Arrays.stream(Protocol.values())
                            .map(Protocol::id)
                            .collect(Collectors.joining(", "))
                        + "."));
  }

  /** A pattern by its name. */
  static Pattern pattern(String name) throws BadInputException {
    return Pattern.of(name)
        .orElseThrow(
            () ->
                new BadInputException(
                    "Command line: --pattern should be one of "
                        + String.join(", ", Pattern.ids())
                        + "."));
  }

  static void need(Range range, double value, String option) throws BadInputException {
    if (!range.holds(value)) {
      throw new BadInputException(
          "Command line: " + option + " should be a number " + range.text() + ".");
    }
  }
}
