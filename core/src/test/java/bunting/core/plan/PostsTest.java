package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.island.Island;
import bunting.core.show.Feed;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Posts by hand, as shows. */
class PostsTest {
  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Show spokes() {
    return bunting.core.Chains.onOnePort(
        Show.of(
            List.of(
                Run.of("Spoke 1", "12v-strip-60", 60),
                Run.of("Spoke 2", "12v-strip-60", 60),
                Run.of("Spoke 3", "12v-strip-60", 60))),
        "box-4");
  }

  /** Runs that hang on one feed stay joined when that feed is moved. */
  @Test
  void whatWasJoinedStaysJoined() {
    Reading before = plan(spokes());
    Island island =
        before.islands().stream().filter(i -> i.parts().size() > 1).findFirst().orElseThrow();
    Feed feed = island.feeds().getFirst();
    var moved = Posts.rewired(before.decisions(), feed.id(), "10AWG");
    Show kept =
        Posts.keep(
            before.show(),
            Reading.of(before.show(), moved, before),
            island,
            Optional.of(feed.id()));
    Reading after = plan(kept);
    Island same =
        after.islands().stream()
            .filter(i -> i.parts().size() == island.parts().size())
            .findFirst()
            .orElseThrow();
    assertThat(same.parts()).isEqualTo(island.parts());
    assertThat(same.feeds()).singleElement().matches(f -> f.wire().equals("10AWG"));
    assertThat(kept.wiring().posts()).extracting(HeldPost::atPixel).contains(0);
  }

  @Test
  void pullingTheLastPostGivesTheRunBack() {
    Show show = Show.of(List.of(Run.of("Owl", "5v-strip-60", 40)));
    Reading before = plan(show);
    Feed only = before.feeds().getFirst().feed();
    var pulled = Posts.pulled(before.decisions(), only.id());
    Show kept =
        Posts.keep(
            show, Reading.of(show, pulled, before), before.islands().getFirst(), Optional.empty());
    assertThat(kept.wiring().posts()).isEmpty();
    assertThat(plan(kept).decisions().feeds()).isEqualTo(before.decisions().feeds());
  }

  @Test
  void cutRunsAndTrunksAreThePlanners() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 300)));
    assertThat(hindrance(show, InjectionSchool.SECOND_SUPPLY)).contains("several supplies");
    assertThat(hindrance(show, InjectionSchool.TRUNK)).contains("trunk");
    assertThat(hindrance(show, InjectionSchool.BEST)).isEmpty();
  }

  private static String hindrance(Show show, InjectionSchool school) {
    Reading reading =
        plan(show.withWiring(show.wiring().with(show.wiring().ways().with(school, 100))));
    return Posts.hindrance(reading, reading.islands().getFirst()).orElse("");
  }

  @Test
  void aRunThatIsRenamedKeepsItsPostsAndOneThatGoesLosesThem() {
    Show show = spokes();
    Reading before = plan(show);
    Show kept = Posts.keep(before.show(), before, before.islands().getFirst(), Optional.empty());
    String first = before.islands().getFirst().parts().getFirst().run();
    Show renamed = RunEdits.renamed(kept, first, "Vane");
    assertThat(renamed.wiring().postsOf("Vane")).isNotEmpty();
    assertThat(renamed.wiring().postsOf(first)).isEmpty();
    assertThat(RunEdits.removed(renamed, "Vane").wiring().postsOf("Vane")).isEmpty();
  }

  /** Fewer pixels were built than planned: a post beyond the end is not there any more. */
  @Test
  void aPostBeyondTheBuiltEndIsLetGo() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 300)));
    Reading before = plan(show);
    Show kept = Posts.keep(before.show(), before, before.islands().getFirst(), Optional.empty());
    int last = before.feeds().getLast().feed().atPixel();
    Show shorter = kept.withRun(kept.runs().getFirst().withPixels(last - 20));
    Reading after = plan(shorter);
    assertThat(after.decisions().unplaced()).isEmpty();
    assertThat(after.feeds()).hasSize(before.feeds().size() - 1);
  }
}
