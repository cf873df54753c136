package bunting.files.papers;

import bunting.core.guess.End;
import bunting.core.guess.Flip;
import bunting.core.guess.Walk;
import bunting.core.show.Lasting;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** To be taken up the ladder: planned counts, and room for the built ones. */
final class CountSheet {
  private CountSheet() {}

  static Table table(Sources from) {
    Map<String, PixelType> types = from.show().catalogue().pixelTypesById();
    return Table.of(
        from.show().runs(),
        List.of(
            Table.<Run>col("run", "Run", Table.Kind.MAIN, Run::name),
            Table.<Run>text("type", "Type", Run::type),
            Table.<Run>number(
                    "length_m",
                    "Length",
                    r -> Texts.fixed(Geometry.lengthM(r, types.get(r.type())), 2))
                .shown(from::exact),
            Table.<Run>col(
                "planned", "Planned", Table.Kind.MAIN_NUMBER, r -> "" + r.plannedPixels()),
            Table.<Run>count("tens", "Tens", r -> r.plannedPixels() / 10),
            Table.<Run>count("then_single", "and", r -> r.plannedPixels() % 10),
            Table.<Run>count("fifties", "Fifties", r -> r.plannedPixels() / 50),
            Table.<Run>count("then", "and", r -> r.plannedPixels() % 50),
            Table.<Run>col(
                "built",
                "Built",
                Table.Kind.MAIN_NUMBER,
                r -> r.built().isPresent() ? "" + r.built().getAsInt() : "______")));
  }

  /** What is known of runs that hang for years. */
  private static Table lasting(List<Run> runs) {
    List<Table.Col<Run>> columns = new ArrayList<>();
    columns.add(Table.<Run>col("run", "Run", Table.Kind.MAIN, Run::name));
    for (Lasting fact : Lasting.values()) {
      columns.add(Table.<Run>text(fact.key(), fact.words(), r -> fact.of(r).orElse("")));
    }
    return Table.of(runs, columns);
  }

  static Page page(Sources from, Page page) {
    page.head("Count sheet")
        .says(
            "Light every 10th pixel in white and every 50th in red: count the reds, then the whites"
                + " behind the last red, then the single ones behind the last white. Built = 50 x"
                + " reds + 10 x whites + single ones. Write it down before you climb down.")
        .caution("Two people on a ladder job; nobody works on a roof alone.")
        .table(table(from));
    List<Walk> walks = Walk.of(from.flips());
    if (!walks.isEmpty()) {
      page.table("Measure again before you order", again(from, walks));
    }
    List<Run> known = from.show().runs().stream().filter(Lasting::any).toList();
    return known.isEmpty() ? page : page.table("For the years", lasting(known));
  }

  /** The runs whose guessed measure something hangs on, the one that settles most first. */
  private static Table again(Sources from, List<Walk> walks) {
    return Table.of(
        walks,
        List.of(
            Table.<Walk>text("run", "Run", Walk::run),
            Table.<Walk>text(
                "known",
                "Known by",
                w -> from.show().run(w.run()).map(r -> r.guess().words()).orElse("")),
            Table.<Walk>text(
                "hangs",
                "What hangs on it",
                w -> w.flips().stream().map(CountSheet::says).collect(Collectors.joining(" "))),
            Table.<Walk>text("length", "Length", w -> ""),
            Table.<Walk>text("lead", "Lead", w -> "")));
  }

  private static String says(Flip flip) {
    return (flip.end() == End.SHORT ? "At its shortest: " : "") + flip.says();
  }
}
