package bunting.files;

import bunting.core.propose.Proposal;

/** Writes a better plan beside the accepted one as JSON. */
public final class ProposalWriter {
  private ProposalWriter() {}

  /** Returns what {@code propose --json} prints. */
  public static String write(Proposal proposal) {
    return Json.text(
        Json.document(
            json -> {
              json.put("cost", proposal.cost()).put("proposedCost", proposal.proposedCost());
              json.list("moved", proposal.moved(), ProposalWriter::move);
              json.put("readdressed", proposal.kept().readdressed().size());
              json.texts("feedsAdded", proposal.feedsAdded());
              json.texts("feedsRemoved", proposal.feedsRemoved());
              json.texts("controllersAdded", proposal.controllersAdded());
              json.texts("controllersRemoved", proposal.controllersRemoved());
            }));
  }

  private static void move(Json json, Proposal.Move move) throws java.io.IOException {
    json.put("run", move.run()).put("from", move.from()).put("to", move.to());
  }
}
