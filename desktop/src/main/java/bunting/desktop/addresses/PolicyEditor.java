package bunting.desktop.addresses;

import bunting.core.limits.Range;
import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import bunting.core.show.edit.AddressEdits;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How slots are given out. */
final class PolicyEditor {
  private static final Pattern RANGE = Pattern.compile("(\\d{1,5})(?:-(\\d{1,5}))?(?:\\s+(.+))?");

  private final Session session;
  private final Addressing a;

  private PolicyEditor(Session session, Show show) {
    this.session = session;
    this.a = show.addressing();
  }

  static Form form(Session session, Show show) {
    Form form = new Form();
    new PolicyEditor(session, show).fill(form);
    return form;
  }

  private void fill(Form form) {
    form.heading("How slots are given out");
    choice(
        form,
        "Protocol",
        "policy-protocol",
        Protocol.values(),
        Names::of,
        a.protocol(),
        (x, v) -> with(x, v, x.startUniverse(), x.split(), x.portStart()));
    choice(
        form,
        "Pixels",
        "policy-split",
        SlotSplit.values(),
        Names::of,
        a.split(),
        (x, v) -> with(x, x.protocol(), x.startUniverse(), v, x.portStart()));
    choice(
        form,
        "Ports",
        "policy-ports",
        PortStart.values(),
        Names::of,
        a.portStart(),
        (x, v) -> with(x, x.protocol(), x.startUniverse(), x.split(), v));
    form.text("Begin at", "policy-start", "" + a.startUniverse(), "", this::start).prompting("1");
    form.text(
            "Boxes at",
            "policy-every",
            a.boxStarts().every() == 0 ? "" : "" + a.boxStarts().every(),
            "",
            this::every)
        .prompting("after each other, or every");
    if (session.selection().get() instanceof Selection.OfBox box) {
      Integer at = a.boxStarts().at().get(box.controller());
      form.text(
              box.controller(),
              "policy-box",
              at == null ? "" : at.toString(),
              "",
              text -> boxStart(box.controller(), text))
          .prompting("first universe of this box");
    }
    form.text(
            "Not ours",
            "policy-reserved",
            a.reserved().stream()
                .map(r -> (r.text() + " " + r.owner()).strip())
                .collect(Collectors.joining(", ")),
            "",
            this::reserved)
        .prompting("1-20 the sound desk, 100");
  }

  private static Addressing with(
      Addressing now, Protocol protocol, int start, SlotSplit split, PortStart ports) {
    return new Addressing(
        protocol,
        Math.min(start, protocol.universeMax()),
        split,
        ports,
        now.reserved(),
        now.boxStarts());
  }

  private void change(String what, UnaryOperator<Addressing> change) {
    session.edit(what, s -> AddressEdits.policy(s, change.apply(s.addressing())));
  }

  /** A change of the policy by a choice. */
  private interface Chosen<T> {
    Addressing apply(Addressing now, T value);
  }

  private <T> void choice(
      Form form,
      String label,
      String id,
      T[] values,
      Function<T, String> name,
      T now,
      Chosen<T> change) {
    form.choice(
        label,
        id,
        List.of(values),
        name,
        now,
        next -> change(label + ": " + name.apply(next) + ".", x -> change.apply(x, next)));
  }

  private Range universes() {
    return Range.between(1, a.protocol().universeMax());
  }

  private Optional<Integer> universe(String text) {
    return Numbers.wholeIn(universes(), text);
  }

  private String wrong() {
    return "Give a universe " + universes().text() + ".";
  }

  private Optional<String> start(String text) {
    Optional<Integer> first = universe(text);
    first.ifPresent(
        u ->
            change(
                "Begins at universe " + u + ".",
                x -> with(x, x.protocol(), u, x.split(), x.portStart())));
    return first.isPresent() ? Optional.empty() : Optional.of(wrong());
  }

  private Optional<String> every(String text) {
    Optional<Integer> n = text.isEmpty() ? Optional.of(0) : universe(text);
    n.ifPresent(
        v ->
            change(
                v == 0 ? "Boxes go on after each other." : "Boxes begin at multiples of " + v + ".",
                x -> x.with(new BoxStarts(v, x.boxStarts().at()))));
    return n.isPresent() ? Optional.empty() : Optional.of(wrong());
  }

  private Optional<String> boxStart(String box, String text) {
    Optional<Integer> u = universe(text);
    if (!text.isEmpty() && u.isEmpty()) {
      return Optional.of(wrong());
    }
    change(
        text.isEmpty() ? box + " begins where its turn comes." : box + " begins at " + text + ".",
        x -> {
          Map<String, Integer> at = new TreeMap<>(x.boxStarts().at());
          u.ifPresentOrElse(n -> at.put(box, n), () -> at.remove(box));
          return x.with(new BoxStarts(x.boxStarts().every(), at));
        });
    return Optional.empty();
  }

  private Optional<String> reserved(String text) {
    List<UniverseRange> ranges = new ArrayList<>();
    for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
      Matcher m = RANGE.matcher(part.strip());
      int first = m.matches() ? Integer.parseInt(m.group(1)) : 0;
      int last = m.matches() && m.group(2) != null ? Integer.parseInt(m.group(2)) : first;
      if (first < 1 || last < first || last > Protocol.SACN.universeMax()) {
        return Optional.of("Give universes and whose they are, such as 1-20 the sound desk, 100.");
      }
      String owner = m.group(3) == null ? "" : m.group(3);
      ranges.add(new UniverseRange(first, last, owner));
    }
    change(
        "Universes that are not ours are left out.",
        x ->
            new Addressing(
                x.protocol(), x.startUniverse(), x.split(), x.portStart(), ranges, x.boxStarts()));
    return Optional.empty();
  }
}
