package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Allotting;
import bunting.core.show.Goal;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.Network;
import bunting.core.show.Planning;
import bunting.core.show.PriceList;
import bunting.core.show.Run;
import bunting.core.show.SlotRange;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** How ports are planned, what is held by hand, what was handed out, and the network. */
final class AllottingJson {
  private AllottingJson() {}

  /** The part of SETTINGS.json: {@code planning}. */
  static Planning planning(JsonFields in, PricesJson.Read prices) throws BadInputException {
    Planning d = Planning.DEFAULT.with(prices.list());
    Optional<JsonFields> found = in.object("planning");
    if (found.isEmpty()) {
      return d;
    }
    JsonFields f = found.get();
    List<Goal> goals = new ArrayList<>();
    for (String text : f.texts("goals").orElse(List.of())) {
      Goal goal = null;
      for (Goal g : Goal.values()) {
        goal = g.id().equals(text) ? g : goal;
      }
      if (goal == null) {
        throw f.wrong(
            "goals[" + goals.size() + "]",
            BadInputException.echo(text)
                + " should be one of "
                + Arrays.stream(Goal.values()).map(Goal::id).collect(Collectors.joining(", "))
                + ".");
      }
      goals.add(goal);
    }
    // Older files have these here; a metre of cable now costs what its wire does.
    double boxExtra = f.number("boxExtraCost", Range.MONEY, d.prices().boxExtra());
    f.number("cableCostPerM", Range.MONEY, 0);
    PriceList list = prices.saysBoxExtra() ? d.prices() : d.prices().withBoxExtra(boxExtra);
    Planning planning =
        new Planning(
            goals,
            f.whole("sparePorts", Range.between(0, 10_000), d.sparePorts()),
            list,
            f.flag("addBoxes", d.addBoxes()),
            owned(f, "ownedBoxes"),
            owned(f, "ownedSupplies"),
            owned(f, "ownedDimmers"),
            f.texts("toBuy").orElse(List.of()),
            f.number("offerAbove", Range.MONEY, d.offerAbove()),
            f.number("effort", Range.between(0, 3600), d.effort()));
    f.done();
    return planning;
  }

  private static List<Planning.Owned> owned(JsonFields f, String key) throws BadInputException {
    return f.list(
            key,
            o -> new Planning.Owned(o.text("type"), o.whole("count", Range.between(0, 100_000))),
            Planning.Owned::type)
        .orElse(List.of());
  }

  static Map<String, String> texts(JsonFields f, String key) throws BadInputException {
    Optional<JsonFields> found = f.object(key);
    return found.isPresent() ? found.get().allTexts() : Map.of();
  }

  /** The parts of a show file: {@code byHand} and {@code handOut}. */
  static Allotting read(JsonFields in, Allotting bare) throws BadInputException {
    List<Held> byHand = new ArrayList<>();
    in.list(
        "byHand",
        f -> {
          byHand.add(held(f));
          return byHand.size();
        },
        String::valueOf);
    Optional<JsonFields> found = in.object("handOut");
    Optional<HandOut> handOut = Optional.empty();
    if (found.isPresent()) {
      JsonFields f = found.get();
      List<HandOut.Nail> nails = new ArrayList<>();
      f.list(
          "nails",
          n -> {
            nails.add(nail(n));
            return nails.size();
          },
          String::valueOf);
      handOut =
          Optional.of(
              new HandOut(f.text("date"), f.cutText("to", ""), nails, NetworkJson.addresses(f)));
      f.done();
    }
    return bare.withByHand(byHand).withHandOut(handOut);
  }

  private static Held held(JsonFields f) throws BadInputException {
    int first = f.whole("firstPixel", Range.between(1, Run.PIXELS_MAX));
    return new Held(
        f.text("run"),
        first,
        f.whole("lastPixel", Range.between(first, Run.PIXELS_MAX)),
        f.text("controller"),
        f.whole("port", Range.between(0, 10_000)),
        f.whole("position", Range.between(0, Integer.MAX_VALUE)));
  }

  static List<SlotRange> slots(JsonFields f) throws BadInputException {
    List<SlotRange> slots = new ArrayList<>();
    f.list(
        "slots",
        s -> {
          int first = s.whole("firstSlot", Range.between(1, 512));
          slots.add(
              new SlotRange(
                  s.whole("universe", Range.between(1, 63_999)),
                  first,
                  s.whole("lastSlot", Range.between(first, 512))));
          return slots.size();
        },
        String::valueOf);
    return slots;
  }

  static void writeSlots(Json json, List<SlotRange> slots) throws IOException {
    json.list(
        "slots",
        slots,
        (s, r) ->
            s.put("universe", r.universe()).put("firstSlot", r.first()).put("lastSlot", r.last()));
  }

  private static HandOut.Nail nail(JsonFields f) throws BadInputException {
    Held held = held(f);
    List<SlotRange> slots = slots(f);
    return new HandOut.Nail(
        held,
        f.whole("channels", Range.between(1, 512)),
        f.whole("grouping", Range.between(1, Run.PIXELS_MAX), 1),
        f.flag("reversed", false),
        slots,
        f.text("order", ""));
  }

  static void writeSettings(Json json, Planning p, Network n) throws IOException {
    if (!p.with(PriceList.DEFAULT).equals(Planning.DEFAULT)) {
      json.object(
          "planning",
          j -> {
            j.texts("goals", p.goals().stream().map(Goal::id).toList());
            j.put("sparePorts", p.sparePorts()).put("addBoxes", p.addBoxes());
            j.list("ownedBoxes", p.ownedBoxes(), AllottingJson::owned);
            j.list("ownedSupplies", p.ownedSupplies(), AllottingJson::owned);
            if (!p.ownedDimmers().isEmpty()) {
              j.list("ownedDimmers", p.ownedDimmers(), AllottingJson::owned);
            }
            if (!p.toBuy().isEmpty()) {
              j.texts("toBuy", p.toBuy());
            }
            if (p.offerAbove() > 0) {
              j.put("offerAbove", p.offerAbove());
            }
            j.put("effort", p.effort());
          });
    }
    NetworkJson.write(json, n);
  }

  static void putAll(Json json, String key, Map<String, String> texts) throws IOException {
    json.object(
        key,
        j -> {
          for (Map.Entry<String, String> e : texts.entrySet()) {
            j.put(e.getKey(), e.getValue());
          }
        });
  }

  private static void owned(Json j, Planning.Owned o) throws IOException {
    j.put("type", o.type()).put("count", o.count());
  }

  static void write(Json json, Allotting allotting) throws IOException {
    if (!allotting.byHand().isEmpty()) {
      json.list("byHand", allotting.byHand(), AllottingJson::held);
    }
    if (allotting.handOut().isPresent()) {
      HandOut h = allotting.handOut().get();
      json.object(
          "handOut",
          j -> {
            j.put("date", h.date()).put("to", h.to());
            putAll(j, "addresses", h.addresses());
            j.list(
                "nails",
                h.nails(),
                (k, n) -> {
                  held(k, n.held());
                  k.put("channels", n.channels())
                      .put("grouping", n.grouping())
                      .put("reversed", n.reversed());
                  if (!n.order().isEmpty()) {
                    k.put("order", n.order());
                  }
                  writeSlots(k, n.slots());
                });
          });
    }
  }

  private static void held(Json j, Held h) throws IOException {
    j.put("run", h.run())
        .put("firstPixel", h.firstPixel())
        .put("lastPixel", h.lastPixel())
        .put("controller", h.controller())
        .put("port", h.port())
        .put("position", h.position());
  }
}
