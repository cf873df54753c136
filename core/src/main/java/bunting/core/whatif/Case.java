package bunting.core.whatif;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is gone in a failure case.
 *
 * @param feeds that carry nothing any more
 * @param cutLead the segment whose lead is cut, power and data
 * @param inputsLost how many input wires of a board are gone, by board
 * @param deadBoards boards whose electronics have no power, or are lost themselves
 * @param darkLights plain sets and bulb strings without power
 */
record Case(
    Set<String> feeds,
    Optional<String> cutLead,
    Map<String, Integer> inputsLost,
    Set<String> deadBoards,
    Set<String> darkLights) {
  Case {
    feeds = Set.copyOf(feeds);
    inputsLost = Map.copyOf(inputsLost);
    deadBoards = Set.copyOf(deadBoards);
    darkLights = Set.copyOf(darkLights);
  }

  /** Nothing is. */
  static final Case NONE = new Case(Set.of(), Optional.empty(), Map.of(), Set.of(), Set.of());

  /** The same without some feeds too. */
  Case without(Set<String> more) {
    Set<String> all = new HashSet<>(feeds);
    all.addAll(more);
    return new Case(all, cutLead, inputsLost, deadBoards, darkLights);
  }

  /** The same with a lead cut. */
  Case cut(String segment) {
    return new Case(feeds, Optional.of(segment), inputsLost, deadBoards, darkLights);
  }

  /** The same with one input wire of a board less. */
  Case lessInput(String board) {
    Map<String, Integer> lost = new LinkedHashMap<>(inputsLost);
    lost.merge(board, 1, Integer::sum);
    return new Case(feeds, cutLead, lost, deadBoards, darkLights);
  }

  /** The same with a dead board. */
  Case dead(String board) {
    Set<String> dead = new HashSet<>(deadBoards);
    dead.add(board);
    return new Case(feeds, cutLead, inputsLost, dead, darkLights);
  }

  /** The same with more lights dark. */
  Case dark(Set<String> lights) {
    Set<String> all = new HashSet<>(darkLights);
    all.addAll(lights);
    return new Case(feeds, cutLead, inputsLost, deadBoards, all);
  }

  int inputsLost(String board) {
    return inputsLost.getOrDefault(board, 0);
  }
}
