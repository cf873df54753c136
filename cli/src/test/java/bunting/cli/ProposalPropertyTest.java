package bunting.cli;

import static bunting.cli.PlanJson.json;
import static bunting.cli.PlanJson.strip;
import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.ports.SearchWatch;
import bunting.core.propose.BetterPlan;
import bunting.core.propose.Proposal;
import bunting.core.propose.Share;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import bunting.testkit.PlanValidator;
import bunting.testkit.RandomShows;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Better plans beside accepted first fits of random shows. */
@Tag("property")
class ProposalPropertyTest {
  private static final int SHOWS = 8;
  private static final double EFFORT = 0.02;
  private static final double CENT = 0.01;

  @Test
  void aBetterPlanIsSoundAndWhatItSaysIsWhatDiffers() throws Exception {
    int better = 0;
    int shared = 0;
    for (int seed = 0; seed < SHOWS; seed++) {
      RandomShows random = new RandomShows(seed).withPlanning(EFFORT);
      if (seed % 3 == 0) {
        random.withCopper();
      }
      Show read = ShowFiles.ofTexts(random.csv(), random.settings().toString());
      Assessment first = Assessor.sketch(read);
      Show kept = Keeping.accept(first.reading());
      Proposal proposal = BetterPlan.find(kept, SearchWatch.NOBODY);
      String as = "seed " + seed;
      JsonNode yours = json(proposal.yours());
      JsonNode other = json(proposal.proposed());
      if (first.reading().decisions().unplaced().isEmpty()) {
        assertThat(proposal.yours().reading().show().equals(kept)).as(as).isTrue();
      }
      assertThat(other.path("kept").path("because")).as(as).isEmpty();
      new PlanValidator(other, random.settings(), random.runs()).validate();
      assertThat(strip(json(Assessor.sketch(proposal.proposed().reading().show()))))
          .as(as + ": accepted, it stays")
          .isEqualTo(strip(other));
      lists(as, proposal, yours, other);
      if (proposal.placed() == 0 && proposal.fewerStops() == 0) {
        assertThat(proposal.proposedCost()).as(as).isLessThanOrEqualTo(proposal.cost());
      }
      for (Share share : proposal.shares()) {
        shared++;
        new PlanValidator(json(share.plan()), random.settings(), random.runs()).validate();
        assertThat(share.plan().reading().totals().buildCost())
            .as(as)
            .isEqualTo(proposal.cost() - share.saving(), org.assertj.core.data.Offset.offset(CENT));
      }
      better += proposal.yours().equals(proposal.proposed()) ? 0 : 1;
    }
    assertThat(better).isGreaterThan(0);
    assertThat(shared).isGreaterThanOrEqualTo(better);
  }

  private static void lists(String as, Proposal proposal, JsonNode yours, JsonNode other) {
    Map<String, Set<String>> before = ports(yours);
    Map<String, Set<String>> after = ports(other);
    List<String> moved = new ArrayList<>();
    before.forEach(
        (run, ports) -> {
          if (after.containsKey(run) && !after.get(run).equals(ports)) {
            moved.add(run + " " + String.join(", ", ports) + " " + after.get(run));
          }
        });
    assertThat(proposal.moved().stream().map(m -> m.run() + " " + m.from() + " [" + m.to() + "]"))
        .as(as)
        .containsExactlyInAnyOrderElementsOf(moved);
    assertThat(proposal.feedsAdded())
        .as(as)
        .containsExactlyElementsOf(missing(other.path("feeds"), yours.path("feeds")));
    assertThat(proposal.feedsRemoved())
        .as(as)
        .containsExactlyElementsOf(missing(yours.path("feeds"), other.path("feeds")));
    assertThat(proposal.controllersAdded())
        .as(as)
        .containsExactlyElementsOf(missing(other.path("controllers"), yours.path("controllers")));
    assertThat(proposal.controllersRemoved())
        .as(as)
        .containsExactlyElementsOf(missing(yours.path("controllers"), other.path("controllers")));
  }

  private static Map<String, Set<String>> ports(JsonNode plan) {
    Map<String, Set<String>> ports = new LinkedHashMap<>();
    plan.path("segments")
        .forEach(
            s ->
                ports
                    .computeIfAbsent(s.path("run").asText(), k -> new LinkedHashSet<>())
                    .add(s.path("controller").asText() + ":" + s.path("port").asInt()));
    return ports;
  }

  private static List<String> missing(JsonNode from, JsonNode there) {
    Set<String> known = new LinkedHashSet<>();
    there.forEach(n -> known.add(n.path("id").asText()));
    List<String> ids = new ArrayList<>();
    from.forEach(n -> ids.add(n.path("id").asText()));
    ids.removeAll(known);
    return ids;
  }
}
