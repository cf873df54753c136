package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.PixelType;
import bunting.core.show.Preparation;
import bunting.core.show.TypePlug;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What fits into each other may be plugged into each other. */
final class PlugClash implements Check {
  @Override
  public String code() {
    return "plug-clash";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Plugs that fit get plugged together in the dark: 12 V into 5 V pixels kills them, and"
        + " so does V+ on ground.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  /** A type in use with the first run of it. */
  private record Used(PixelType type, String run, TypePlug plug) {}

  @Override
  public void examine(Reading reading, Reporter to) {
    Preparation known = reading.show().preparation();
    Map<String, Used> used = new LinkedHashMap<>();
    for (SegmentReading s : reading.segments()) {
      known
          .plugOf(s.type().id())
          .filter(p -> !p.plug().isBlank())
          .ifPresent(p -> used.putIfAbsent(s.type().id(), new Used(s.type(), s.run().name(), p)));
    }
    List<Used> list = List.copyOf(used.values());
    for (int i = 0; i < list.size(); i++) {
      for (int j = 0; j < i; j++) {
        Used a = list.get(j);
        Used b = list.get(i);
        clash(a, b)
            .filter(c -> a.plug().plug().strip().equalsIgnoreCase(b.plug().plug().strip()))
            .ifPresent(
                c ->
                    to.report(
                        Subject.Kind.RUN,
                        b.run(),
                        2,
                        1,
                        "kinds",
                        a.type().id()
                            + " and "
                            + b.type().id()
                            + " have the same plug ("
                            + a.plug().plug().strip()
                            + "), and "
                            + c
                            + ": put another kind of plug on one of them."));
      }
    }
  }

  /** Why two types must not be plugged together; empty: they may. */
  private static Optional<String> clash(Used a, Used b) {
    List<String> why = new ArrayList<>();
    if (a.type().volts() != b.type().volts()) {
      why.add(number(a.type().volts()) + " V is not " + number(b.type().volts()) + " V");
    }
    if (a.plug().plus().crosses(b.plug().plus())) {
      why.add("their V+ is on other sides");
    }
    if (a.type().signal() != b.type().signal()) {
      why.add("one has a clock");
    } else if (a.plug().backup() != b.plug().backup()) {
      why.add("one has backup data");
    }
    return why.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", why));
  }
}
