package bunting.desktop.better;

import bunting.core.propose.Proposal;
import bunting.core.propose.Share;
import bunting.core.show.PlacedController;
import bunting.desktop.kit.Words;
import bunting.desktop.session.OfferText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.VBox;

/**
 * Some controllers, and what becomes of them.
 *
 * @param facts what moves and what that saves, in few words
 * @param share the part of the better plan; empty: it has none of its own
 * @param saves whether it saves money
 */
record BetterRow(List<String> controllers, String facts, Optional<Share> share, boolean saves) {
  /** Returns the names of the controllers. */
  String names() {
    return String.join(", ", controllers);
  }

  /**
   * Returns the rows of a comparison: parts that can be accepted alone, then the other controllers.
   *
   * @param scratch whether the other plan is one from scratch, which has no parts
   */
  static List<BetterRow> of(Proposal p, boolean scratch) {
    List<BetterRow> list = new ArrayList<>();
    Set<String> listed = new HashSet<>();
    for (Share share : p.shares()) {
      list.add(
          new BetterRow(
              share.controllers(),
              BetterWords.share(p, share),
              Optional.of(share),
              share.saving() > 0));
      listed.addAll(share.controllers());
    }
    Stream.of(p.yours(), p.proposed())
        .flatMap(plan -> plan.reading().decisions().controllers().stream())
        .map(PlacedController::controller)
        .map(c -> c.id())
        .distinct()
        .filter(id -> !listed.contains(id))
        .forEach(
            id -> {
              String facts = scratch ? moves(p, id) : "nothing changes";
              list.add(new BetterRow(List.of(id), facts, Optional.empty(), false));
            });
    return list;
  }

  private static String moves(Proposal p, String controller) {
    String port = controller + ":";
    long moved =
        p.moved().stream()
            .filter(m -> m.from().startsWith(port) || m.to().startsWith(port))
            .count();
    return OfferText.moves((int) moved);
  }

  /** A row in the list. */
  static final class Cell extends ListCell<BetterRow> {
    private final Label name = Words.lines("", "heading-small");
    private final Label facts = Words.soft("");
    private final VBox both = new VBox(1, name, facts);

    Cell() {
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(BetterRow row, boolean nothing) {
      super.updateItem(row, nothing);
      setGraphic(nothing || row == null ? null : both);
      if (!nothing && row != null) {
        name.setText(row.names());
        facts.setText(row.facts());
        facts.getStyleClass().setAll("label", row.saves() ? "is-better" : "soft");
      }
    }
  }
}
