package bunting.files;

import bunting.core.show.PixelType;
import bunting.core.show.Texts;
import bunting.files.sheet.KindWords;
import bunting.files.sheet.Meaning;
import bunting.files.sheet.SheetField;
import bunting.files.sheet.Understanding;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/** Which pixel type the words of a list stand for, and what somebody said about that. */
public final class SheetKinds {
  private static final int NAMED_MOST = 4;

  private final List<PixelType> types;
  private final Map<String, String> said;
  private final Optional<String> only;

  /** Words of a list: the type that they stand for, or why they stand for none. */
  record Found(Optional<String> id, String what) {}

  SheetKinds(List<PixelType> types) {
    this(types, Map.of(), Optional.empty());
  }

  private SheetKinds(List<PixelType> types, Map<String, String> said, Optional<String> only) {
    this.types = List.copyOf(types);
    this.said = Map.copyOf(said);
    this.only = only;
  }

  SheetKinds withOnly(String id) {
    return new SheetKinds(types, said, Optional.of(id));
  }

  SheetKinds with(String words, String id) {
    Map<String, String> next = new LinkedHashMap<>(said);
    next.put(key(words), id);
    return new SheetKinds(types, next, only);
  }

  /** The type of all rows that name none. */
  public Optional<String> only() {
    return only;
  }

  /** What somebody said that words mean: small letters to ids. */
  public Map<String, String> said() {
    return said;
  }

  private static String key(String words) {
    return words.toLowerCase(Locale.ROOT).strip();
  }

  /** The type of a row by its words, and by volts and pixels a metre that stand beside them. */
  Found find(String words, String beside) {
    String told = said.get(key(words));
    if (told != null) {
      return contradicted(words, told)
          .map(what -> new Found(Optional.empty(), what))
          .orElseGet(() -> new Found(Optional.of(told), ""));
    }
    List<PixelType> fit = KindWords.fitting(types, words);
    if (fit.size() != 1 && !beside.isEmpty()) {
      fit = KindWords.fitting(types, words + " " + beside);
    }
    List<PixelType> fitting = fit;
    Optional<PixelType> one =
        fitting.size() == 1
            ? Optional.of(fitting.getFirst())
            : only.flatMap(id -> fitting.stream().filter(t -> t.id().equals(id)).findFirst())
                .or(() -> plainest(fitting));
    return one.map(t -> new Found(Optional.of(t.id()), ""))
        .orElseGet(() -> new Found(Optional.empty(), cure(words, fitting)));
  }

  /** Why words cannot mean a type that was chosen for them: they say other volts. */
  private Optional<String> contradicted(String words, String id) {
    OptionalDouble volts = KindWords.volts(words);
    return types.stream()
        .filter(t -> t.id().equals(id))
        .filter(t -> volts.isPresent() && volts.getAsDouble() != t.volts())
        .map(
            t ->
                BadInputException.echo(words)
                    + " says "
                    + Texts.number(volts.getAsDouble())
                    + " V, but "
                    + id
                    + " is "
                    + Texts.number(t.volts())
                    + " V; choose a type of those volts, or correct the cell.")
        .findFirst();
  }

  /** Of types that differ in how they are loaded alone, the one that is listed first. */
  private static Optional<PixelType> plainest(List<PixelType> fitting) {
    boolean alike =
        fitting.stream()
                .map(t -> List.of(t.volts(), t.pitchPerM(), (double) t.channels()))
                .distinct()
                .count()
            == 1;
    return alike ? Optional.of(fitting.getFirst()) : Optional.empty();
  }

  private static String cure(String words, List<PixelType> fitting) {
    String echo = BadInputException.echo(words);
    String ids =
        fitting.stream().limit(NAMED_MOST).map(PixelType::id).collect(Collectors.joining(", "));
    return fitting.isEmpty()
        ? echo
            + " is no pixel type; give an id of the catalogue, or say volts, strip or string and"
            + " pixels a metre."
        : echo
            + " can be "
            + ids
            + (fitting.size() > NAMED_MOST ? " or others" : "")
            + "; say volts and pixels a metre, or give the id.";
  }

  /** Which words were taken for which types, a sentence each. */
  List<String> told(List<SheetImport.Row> preview, Understanding sheet) {
    int column = sheet.meanings().stream().map(Meaning::field).toList().indexOf(SheetField.TYPE);
    Set<String> told = new LinkedHashSet<>();
    if (column < 0) {
      return List.of();
    }
    for (SheetImport.Row row : preview) {
      String words = sheet.grid().text(row.index(), column);
      row.run()
          .filter(r -> !words.isEmpty() && !words.equalsIgnoreCase(r.type()))
          .ifPresent(r -> told.add(BadInputException.echo(words) + " is " + r.type() + "."));
    }
    return new ArrayList<>(told);
  }
}
