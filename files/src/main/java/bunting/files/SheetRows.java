package bunting.files;

import bunting.core.show.Controller;
import bunting.core.show.Guess;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.units.Measures;
import bunting.core.units.Measures.Unit;
import bunting.files.SheetImport.CellError;
import bunting.files.SheetImport.Light;
import bunting.files.SheetImport.Row;
import bunting.files.sheet.Meaning;
import bunting.files.sheet.SheetField;
import bunting.files.sheet.SheetText;
import bunting.files.sheet.Understanding;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes lights of the rows of a sheet that is understood. */
final class SheetRows {
  private static final int DIGITS = 12;
  private static final int COPIES_MOST = 1000;

  /** A tape and a count agree within this share (the contract's, of a length beside its pixels). */
  private static final double SAME_LENGTH = 0.02;

  private final Path file;
  private final Show show;
  private final Understanding sheet;
  private final SheetKinds kinds;
  private final Map<String, SheetKinds.Found> found = new HashMap<>();

  SheetRows(Path file, Show show, Understanding sheet, SheetKinds kinds) {
    this.file = file;
    this.show = show;
    this.sheet = sheet;
    this.kinds = kinds;
  }

  /** What a row becomes. */
  Row row(int index) {
    Optional<String> out = sheet.leftOut(index);
    SheetReading read = new SheetReading(sheet, index);
    if (out.isPresent()) {
      return new Row(read.number, index, List.of(), List.of(), out);
    }
    lengths(read);
    counts(read);
    numbers(read);
    words(read);
    boolean set = isSet(read);
    if (set) {
      set(read);
    } else {
      type(read);
      bareLength(read);
      pin(read);
    }
    List<Light> lights = read.errors.isEmpty() ? lights(read, set) : List.of();
    return new Row(read.number, index, lights, read.errors, Optional.empty());
  }

  private static void lengths(SheetReading read) {
    for (SheetField field : SheetField.values()) {
      if (!field.measured() || !read.has(field)) {
        continue;
      }
      String raw = read.text(field);
      boolean signed =
          field != SheetField.LENGTH && field != SheetField.LEAD && raw.startsWith("-");
      Unit unit = read.meaning(field).unit();
      if (field == SheetField.LENGTH && read.has(SheetField.UNIT)) {
        Optional<Unit> own = Measures.unit(read.text(SheetField.UNIT));
        if (own.isEmpty() && SheetText.countsPixels(read.text(SheetField.UNIT))) {
          pixels(read, raw);
          continue;
        }
        unit = own.orElse(unit);
      }
      Optional<BigDecimal> metres =
          Measures.metres(signed ? raw.substring(1) : raw, unit, read.mark(field))
              .map(m -> field == SheetField.LENGTH ? m.add(inches(read)) : m);
      guessed(read, field);
      metres.ifPresentOrElse(
          m -> read.cells.put(field.column(), (signed ? "-" : "") + plain(m)),
          () -> read.wrong(field, SheetText.cure(field)));
    }
  }

  /** A cell that says so itself: give or take what is usual. */
  private static void guessed(SheetReading read, SheetField field) {
    boolean lead = field == SheetField.LEAD;
    boolean length = field == SheetField.LENGTH || field == SheetField.PIXELS;
    if ((lead || length) && Measures.about(read.text(field))) {
      read.cells.put(
          lead ? "lead_guess_percent" : "length_guess_percent", Texts.number(Guess.USUAL_PERCENT));
    }
  }

  /** A row whose quantity is counted, in a list whose others are measured. */
  private static void pixels(SheetReading read, String raw) {
    Measures.count(raw)
        .ifPresentOrElse(
            n -> read.cells.put(SheetField.PIXELS.column(), Integer.toString(n)),
            () -> read.wrong(SheetField.LENGTH, SheetText.cure(SheetField.PIXELS)));
  }

  private static BigDecimal inches(SheetReading read) {
    if (!read.has(SheetField.INCHES)) {
      return BigDecimal.ZERO;
    }
    Optional<BigDecimal> more =
        Measures.metres(read.text(SheetField.INCHES), Unit.INCHES, read.mark(SheetField.INCHES));
    if (more.isEmpty()) {
      read.wrong(SheetField.INCHES, SheetText.cure(SheetField.INCHES));
    }
    return more.orElse(BigDecimal.ZERO);
  }

  private static void counts(SheetReading read) {
    for (SheetField field : SheetField.values()) {
      if (field.counted() && field != SheetField.PORT && read.has(field)) {
        guessed(read, field);
        Measures.count(read.text(field))
            .ifPresentOrElse(
                n -> read.cells.put(field.column(), Integer.toString(n)),
                () -> read.wrong(field, SheetText.cure(field)));
      }
    }
    read.cells.remove("");
  }

  private static void numbers(SheetReading read) {
    for (SheetField field : SheetField.values()) {
      if (field.numeric() && !field.column().isEmpty() && read.has(field)) {
        Measures.number(read.text(field), read.mark(field))
            .ifPresentOrElse(
                n -> read.cells.put(field.column(), plain(n)),
                () -> read.wrong(field, SheetText.cure(field)));
      }
    }
  }

  private void words(SheetReading read) {
    for (SheetField field :
        List.of(
            SheetField.NAME,
            SheetField.GROUP,
            SheetField.COURSE,
            SheetField.ROUTE,
            SheetField.READ_OFF)) {
      if (read.has(field)) {
        read.cells.put(field.column(), read.text(field));
      }
    }
    sheet.title(read.index).ifPresent(t -> read.cells.putIfAbsent("group", t));
    if (read.has(SheetField.KIND)) {
      read.cells.put(RunColumns.KIND, read.text(SheetField.KIND));
    }
    if (read.has(SheetField.ORDER)) {
      read.cells.put(
          SheetField.ORDER.column(), read.text(SheetField.ORDER).toUpperCase(Locale.ROOT));
    }
    for (SheetField field : List.of(SheetField.SPLIT, SheetField.REVERSED)) {
      if (read.has(field)) {
        SheetText.yesNo(read.text(field))
            .ifPresentOrElse(
                t -> read.cells.put(field.column(), t),
                () -> read.wrong(field, SheetText.cure(field)));
      }
    }
  }

  /** Whether a row is a plain set: it says so, or it has volts and watts and no kind of pixels. */
  private boolean isSet(SheetReading read) {
    String kind = read.text(SheetField.KIND);
    if (!kind.isEmpty()) {
      return kind.equals("rgb-set");
    }
    boolean watts =
        read.has(SheetField.WATTS)
            || (read.has(SheetField.WATTS_EACH) && read.cells.containsKey("pixels"));
    boolean pixels =
        read.has(SheetField.TYPE) && found(read.text(SheetField.TYPE), "").id().isPresent();
    return watts && read.has(SheetField.VOLTS) && !pixels && kinds.only().isEmpty();
  }

  private static void set(SheetReading read) {
    read.cells.put(RunColumns.KIND, "rgb-set");
    if (!read.has(SheetField.WATTS) && read.has(SheetField.WATTS_EACH)) {
      Optional<BigDecimal> each =
          Measures.number(read.text(SheetField.WATTS_EACH), read.mark(SheetField.WATTS_EACH));
      String nodes = read.cells.getOrDefault("pixels", "");
      if (each.isEmpty() || nodes.isEmpty()) {
        read.wrong(SheetField.WATTS_EACH, SheetText.cure(SheetField.WATTS_EACH));
        return;
      }
      read.cells.put("watts", plain(each.get().multiply(new BigDecimal(nodes))));
    }
  }

  private void type(SheetReading read) {
    String beside =
        (read.has(SheetField.VOLTS)
                ? read.text(SheetField.VOLTS).replaceAll("\\s*[vV].*", "") + "V "
                : "")
            + (read.has(SheetField.PITCH)
                ? read.text(SheetField.PITCH).replaceAll("\\s*/.*", "") + "/m"
                : "");
    read.cells.keySet().removeAll(Set.of("volts", "channels", "watts"));
    String words = read.text(SheetField.TYPE);
    if (words.isEmpty() && kinds.only().isPresent()) {
      read.cells.put("type", kinds.only().get());
    } else if (!words.isEmpty() || !beside.isEmpty()) {
      SheetKinds.Found found = found(words.isEmpty() ? beside : words, beside);
      found
          .id()
          .ifPresentOrElse(
              id -> read.cells.put("type", id),
              () ->
                  read.errors.add(
                      new CellError(read.columns.getOrDefault(SheetField.TYPE, -1), found.what())));
    } else if (!read.text(SheetField.KIND).equals("bulbs")) {
      read.errors.add(
          new CellError(
              -1,
              "nothing says of what kind its pixels are; choose a type for rows that name none"
                  + " (--type ID)."));
    }
  }

  /**
   * A length without a unit in a column of feet and metres, whose row says how many pixels it has:
   * where the pixels fit metres and not what the number was taken for, it is metres.
   */
  private void bareLength(SheetReading read) {
    String raw = read.text(SheetField.LENGTH);
    Optional<PixelType> type =
        Optional.ofNullable(show.catalogue().pixelTypesById().get(read.cells.get("type")));
    if (raw.isEmpty()
        || type.isEmpty()
        || Measures.hasUnit(raw)
        || !sheet.mixesUnits()
        || !read.cells.containsKey("pixels")
        || !read.cells.containsKey("length_m")) {
      return;
    }
    double counted = Integer.parseInt(read.cells.get("pixels")) / type.get().pitchPerM();
    double taken = Double.parseDouble(read.cells.get("length_m"));
    Measures.metres(raw, Unit.METRES, read.mark(SheetField.LENGTH))
        .filter(m -> fits(m.doubleValue(), counted) && !fits(taken, counted))
        .ifPresent(m -> read.cells.put("length_m", plain(m)));
  }

  private static boolean fits(double metres, double counted) {
    return Math.abs(metres - counted) <= SAME_LENGTH * counted;
  }

  /** The same words stand in many rows. */
  private SheetKinds.Found found(String words, String beside) {
    return found.computeIfAbsent(words + '\n' + beside, k -> kinds.find(words, beside));
  }

  /** A box is a pin where the show has it, and else a group: what hangs on it belongs together. */
  private void pin(SheetReading read) {
    String box = read.text(SheetField.CONTROLLER);
    String port = read.text(SheetField.PORT);
    Optional<List<Controller>> given = show.controllers();
    if (!box.isEmpty() && given.isPresent()) {
      Optional<String> id =
          given.get().stream().map(Controller::id).filter(i -> i.equalsIgnoreCase(box)).findFirst();
      if (id.isEmpty()) {
        read.wrong(
            SheetField.CONTROLLER,
            " is no controller of the show; give the id of one, or keep the column as a note.");
        return;
      }
      read.cells.put("controller", id.get());
      if (!port.isEmpty()) {
        SheetText.port(port)
            .ifPresentOrElse(
                p -> read.cells.put("port", p),
                () -> read.wrong(SheetField.PORT, SheetText.cure(SheetField.PORT)));
      }
      return;
    }
    if (!box.isEmpty()) {
      read.cells.putIfAbsent("group", box);
      read.note(sheet.headings().get(read.columns.get(SheetField.CONTROLLER)), box);
    }
    if (!port.isEmpty()) {
      read.note(sheet.headings().get(read.columns.get(SheetField.PORT)), port);
    }
  }

  private List<Light> lights(SheetReading read, boolean set) {
    int copies =
        read.has(SheetField.COPIES) ? Measures.count(read.text(SheetField.COPIES)).orElse(1) : 1;
    if (copies < 1 || copies > COPIES_MOST) {
      read.wrong(SheetField.COPIES, SheetText.cure(SheetField.COPIES));
      return List.of();
    }
    List<Light> lights = new ArrayList<>();
    String name = read.cells.getOrDefault("name", "");
    for (int n = 1; n <= copies; n++) {
      if (copies > 1) {
        read.cells.put("name", name.isEmpty() ? "" : name + " " + n);
      }
      try {
        lights.add(light(new Cells(file, read.number, read.cells), set));
      } catch (Cells.BadCell e) {
        read.errors.add(new CellError(columnOf(e.column()), e.column() + " " + e.what()));
        return List.of();
      } catch (BadInputException e) {
        read.errors.add(new CellError(-1, String.valueOf(e.getMessage())));
        return List.of();
      }
    }
    return lights;
  }

  private Light light(Cells cells, boolean set) throws BadInputException {
    if (set) {
      PlainSet read = LightFields.SET.read(cells);
      return Light.of(read);
    }
    return switch (cells.text(RunColumns.KIND)) {
      case "", "pixels" -> Light.of(new RunRow(cells, show, SheetReading.OURS).read());
      case "bulbs" -> Light.of(LightFields.BULBS.read(cells));
      default -> throw cells.wrong(RunColumns.KIND, "should be pixels, rgb-set or bulbs.");
    };
  }

  private int columnOf(String column) {
    List<Meaning> meanings = sheet.meanings();
    for (int c = 0; c < meanings.size(); c++) {
      if (!column.isEmpty() && meanings.get(c).field().column().equals(column)) {
        return c;
      }
    }
    return -1;
  }

  private static String plain(BigDecimal value) {
    return value.round(new MathContext(DIGITS)).stripTrailingZeros().toPlainString();
  }
}
