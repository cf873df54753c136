package bunting.files;

import bunting.core.addressing.SlotCursor;
import bunting.core.addressing.SlotRow;
import bunting.core.limits.Range;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightMaps;
import bunting.core.patch.LightPiece;
import bunting.core.show.Fitting;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** The lights of a PLAN.json: its boxes, segments and their slots; nothing else of it is read. */
public final class PlanLights {
  private static final Range UNIVERSE = Range.between(1, 63999);
  private static final Range SLOT = Range.between(1, SlotCursor.SLOTS);
  private static final Range CHANNELS = Range.between(1, SlotCursor.SLOTS);
  private static final Range PLACE = Range.between(1, 1_000_000);
  private static final Range SHARED = Range.between(1, Fitting.GROUPING_MAX);

  private final List<LightMap.Place> places = new ArrayList<>();
  private final Map<String, Integer> boxes = new HashMap<>();
  private final Map<String, TreeSet<Integer>> feeds = new HashMap<>();
  private final List<LightPiece> pieces = new ArrayList<>();
  private int read;

  private PlanLights() {}

  /** Reads the lights of a plan; one without any is bad input. */
  public static LightMap read(Path file) throws BadInputException {
    return new PlanLights().map(JsonFields.parse(file, TextFiles.read(file)));
  }

  private LightMap map(JsonFields plan) throws BadInputException {
    if (!plan.has("segments") || !plan.has("controllers")) {
      throw plan.wrong(
          plan.has("segments") ? "controllers" : "segments",
          "is missing; give a file that ./bunting plan wrote.");
    }
    plan.list("controllers", this::box, LightMap.Place::id);
    plan.list("feeds", this::feed, f -> next());
    plan.list("segments", this::segment, LightPiece::segment);
    plan.list("dimmers", this::box, LightMap.Place::id);
    plan.list("plainSets", this::plainSet, s -> next());
    if (pieces.stream().allMatch(p -> p.rows().isEmpty())) {
      throw plan.wrong("segments", "has no pixel with a slot; give a plan with something placed.");
    }
    return new LightMap(places, pieces);
  }

  private String next() {
    return Integer.toString(read++);
  }

  private LightMap.Place box(JsonFields f) throws BadInputException {
    LightMap.Place place =
        new LightMap.Place(f.longText("id"), f.has("address") ? f.longText("address") : "");
    boxes.put(place.id(), places.size());
    places.add(place);
    return place;
  }

  private Integer feed(JsonFields f) throws BadInputException {
    int at = f.whole("atPixel", Range.PIXELS);
    feeds.computeIfAbsent(f.longText("segment"), k -> new TreeSet<>()).add(at);
    return at;
  }

  private int boxOf(JsonFields f, String key) throws BadInputException {
    Integer box = boxes.get(f.longText(key));
    if (box == null) {
      throw f.wrong(key, "should be the id of one of the plan's own.");
    }
    return box;
  }

  private LightPiece segment(JsonFields f) throws BadInputException {
    String id = f.longText("id");
    int first = f.whole("firstPixel", Range.PIXELS);
    LightPiece piece =
        new LightPiece(
            id,
            f.longText("run"),
            boxOf(f, "controller"),
            f.whole("port", PLACE),
            f.whole("position", PLACE),
            first,
            f.whole("lastPixel", Range.between(first, Range.PIXELS.most())),
            f.whole("channels", CHANNELS),
            f.longText("order"),
            f.whole("grouping", SHARED, 1),
            f.flag("reversed", false),
            rows(f),
            List.copyOf(feeds.getOrDefault(id, new TreeSet<>())));
    return add(f, piece);
  }

  private LightPiece add(JsonFields f, LightPiece piece) throws BadInputException {
    try {
      piece.check();
    } catch (IllegalArgumentException e) {
      throw f.wrong("slots", e.getMessage() + "; give the plan as ./bunting plan wrote it.");
    }
    pieces.add(piece);
    return piece;
  }

  private List<SlotRow> rows(JsonFields f) throws BadInputException {
    return f.list("slots", PlanLights::row, r -> next()).orElse(List.of());
  }

  private static SlotRow row(JsonFields f) throws BadInputException {
    int first = f.whole("firstSlot", SLOT);
    return new SlotRow(
        f.whole("universe", UNIVERSE),
        first,
        f.whole("lastSlot", Range.between(first, SlotCursor.SLOTS)),
        f.whole("firstPixel", Range.PIXELS),
        f.whole("lastPixel", Range.PIXELS));
  }

  private LightPiece plainSet(JsonFields f) throws BadInputException {
    List<SlotRow> slots = new ArrayList<>();
    if (f.has("universe")) {
      int first = f.whole("firstSlot", SLOT);
      int last = f.whole("lastSlot", Range.between(first, SlotCursor.SLOTS));
      slots.add(new SlotRow(f.whole("universe", UNIVERSE), first, last, 1, 1));
    }
    return add(
        f,
        LightMaps.plain(
            f.longText("set"),
            boxOf(f, "dimmer"),
            f.whole("firstOutput", PLACE),
            f.whole("channels", CHANNELS),
            slots));
  }
}
