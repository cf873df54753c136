package bunting.files.papers;

import bunting.files.PatchJson;
import bunting.files.Rig;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which papers there are, in the order in which they are taken along. */
final class PaperList {
  static final List<Paper> ALL =
      List.of(
          Paper.of(
              "box-cards",
              "Box cards",
              "For the inside of each lid: the box as you see it when it is open.",
              BoxCards::table,
              BoxCards::page),
          Paper.of(
              "labels",
              "Labels",
              "For boxes and for both ends of each cable, before anything goes up.",
              LabelSheets::table,
              LabelSheets::page),
          Paper.of(
              "settings-cards",
              "Settings cards",
              "What to type into each box at the bench.",
              SettingsCards::table,
              SettingsCards::page),
          Paper.of(
                  "cable-schedule",
                  "Cable schedule",
                  "What each cable is made of, and which way it goes.",
                  CableSheet::table,
                  CableSheet::page)
              .with(s -> Map.of("Cables", CableSheet.table(s))),
          Paper.of(
                  "shopping-list",
                  "Shopping list",
                  "All that is to be bought, less what lies on the shelf.",
                  ShoppingSheet::table,
                  ShoppingSheet::page)
              .with(s -> Map.of("Shopping list", ShoppingSheet.table(s))),
          Paper.of(
              "cut-list",
              "Cut list",
              "What is cut from which reel, in this order.",
              CutSheet::table,
              CutSheet::page),
          Paper.of(
              "custom-lengths",
              "Custom lengths",
              "For a maker who makes pieces up to your measure.",
              CustomSheet::table,
              CustomSheet::page),
          Paper.of(
                  "patch",
                  "Port and universe table",
                  "For whoever writes the sequences.",
                  PatchTable::table,
                  PatchTable::page)
              .with(PaperList::patchBook)
              .and(
                  (s, p) ->
                      List.of(
                          new Paper.Extra(
                              "patch",
                              "json",
                              () -> PatchJson.of(s.plan(), PatchTable.table(s).all())))),
          Paper.of(
              "network",
              "Network sheet",
              "Addresses and load of each link, and the first evening step by step.",
              NetworkTable::table,
              NetworkTable::page),
          Paper.of(
              "meter-sheet",
              "Meter sheet",
              "What a meter should read, and room for what it reads.",
              MeterPaper::table,
              MeterPaper::page),
          Paper.of(
              "count-sheet",
              "Count sheet",
              "Up the ladder: planned counts, and room for the built ones.",
              CountSheet::table,
              CountSheet::page),
          Paper.of(
              "power-kit",
              "Power kit",
              "Fuses, cable and ends with their spares, for the bag.",
              PowerKit::table,
              PowerKit::page),
          Paper.of(
              "mains",
              "Mains",
              "For the owner and the electrician: single line, circuits, cords, cautions.",
              MainsPaper::table,
              MainsPaper::page),
          new Paper(
              "poster",
              "Elevation poster",
              "The whole elevation by box, by type, by universe and by port, for the wall.",
              Optional.empty(),
              s -> Map.of(),
              Optional.of(Poster::page),
              Poster::pictures),
          Paper.of(
              "summary",
              "Summary",
              "The show on a page: figures, costs, what is to be mended.",
              Summary::table,
              Summary::page),
          Paper.of(
                  "work-list",
                  "Work list",
                  "What before what, place by place, to be ticked; and what goes into which tote.",
                  WorkSheet::table,
                  WorkSheet::page)
              .with(PaperList::workBook),
          new Paper(
              "rig",
              "Rig",
              "Fixtures with their addresses and places, for other programs.",
              Optional.empty(),
              s -> Map.of(),
              Optional.empty(),
              (s, p) -> List.of(new Paper.Extra("rig", "mvr", () -> Rig.mvr(s.plan())))),
          Paper.of(
              "plain-lights",
              "Plain sets and bulb strings",
              "Lights that are no pixels, with their boards and plugs.",
              OtherSheet::table,
              OtherSheet::page),
          Paper.of(
                  "box-building",
                  "Box building",
                  "For the bench: what is screwed into each box and where, its holes and wires.",
                  BuildSheet::table,
                  BuildSheet::page)
              .and(BuildSheet::pictures));

  private PaperList() {}

  private static Map<String, Table> workBook(Sources s) {
    Map<String, Table> book = new LinkedHashMap<>();
    book.put("Work list", WorkSheet.table(s));
    book.put("Taking down", WorkSheet.strike(s));
    return book;
  }

  static Map<String, Table> patchBook(Sources s) {
    Map<String, Table> book = new LinkedHashMap<>();
    book.put("Patch", PatchTable.table(s));
    book.put("Network", NetworkTable.table(s));
    return book;
  }
}
