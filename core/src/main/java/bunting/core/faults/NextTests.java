package bunting.core.faults;

import bunting.core.assess.FeedReading;
import bunting.core.pattern.Pattern;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Which test tells the most for its effort: the entropy of the shares, less what is left of it on
 * the mean of the test's answers, over the effort. Looking costs least, a meter means a ladder,
 * changing something more. What was told already tells nothing again.
 */
final class NextTests {
  /** What is sent to tell faults apart. */
  static final List<Observed.Sending> SENT =
      List.of(
          Observed.Sending.full(Pattern.WHITE),
          Observed.Sending.full(Pattern.CHASE),
          Observed.Sending.full(Pattern.PORTS),
          Observed.Sending.full(Pattern.RED),
          Observed.Sending.full(Pattern.BLUE));

  private static final double LOOK = 1;

  /** One run more, in the same look. */
  private static final double MORE = 0.1;

  private static final double MEASURE = 2.2;
  private static final double TRY = 3.5;

  private static final int CAUSES = 24;
  private static final int RUNS = 24;
  private static final int TESTS = 4;

  /** Volts that a meter tells apart, as a share of the nominal. */
  private static final double STEP_SHARE = 0.02;

  private final Pictures pictures;
  private final Layout layout;
  private final Observed observed;
  private final Runnable heed;

  /**
   * @param heed called now and then; throws when nobody waits any more
   */
  NextTests(Pictures pictures, Observed observed, Runnable heed) {
    this.heed = heed;
    this.pictures = pictures;
    this.layout = pictures.layout();
    this.observed = observed;
  }

  private record Ranked(NextTest test, double worth) {}

  List<NextTest> of(List<Cause> all) {
    List<Cause> causes = all.subList(0, Math.min(CAUSES, all.size()));
    if (causes.isEmpty()) {
      return List.of();
    }
    List<Ranked> ranked = new ArrayList<>();
    amount(causes.getFirst()).ifPresent(ranked::add);
    for (String run : runs(causes)) {
      for (Observed.Sending sending : SENT) {
        heed.run();
        for (Layout.Part part : layout.parts(run)) {
          look(causes, sending, List.of(part)).ifPresent(ranked::add);
        }
      }
      for (Layout.Part part : layout.parts(run)) {
        for (int pixel : places(part)) {
          measure(causes, part, pixel).ifPresent(ranked::add);
        }
      }
    }
    look(causes, Observed.Sending.full(Pattern.PORTS), ofBox(causes)).ifPresent(ranked::add);
    tried(causes).ifPresent(ranked::add);
    ranked.sort(Comparator.comparingDouble((Ranked r) -> -r.worth()));
    List<NextTest> tests = new ArrayList<>();
    Set<String> said = new LinkedHashSet<>();
    for (Ranked r : ranked) {
      // The second best is something else, not the same on the next run.
      if (tests.size() < TESTS && said.add(r.test().act() + " " + r.test().pattern())) {
        tests.add(r.test());
      }
    }
    return tests;
  }

  /**
   * Where the likeliest has an amount that nobody measured yet: at the pixel that tells it best.
   */
  private Optional<Ranked> amount(Cause cause) {
    boolean has =
        cause.fault() instanceof Fault.ThinLead || cause.fault() instanceof Fault.SupplyLow;
    Set<Integer> chains = Places.of(layout, cause.fault()).chains();
    boolean measured =
        observed.readings().stream()
            .flatMap(r -> layout.parts(r.run()).stream())
            .anyMatch(p -> chains.contains(p.chain().index()));
    if (!has || measured) {
      return Optional.empty();
    }
    Observed.Sending white = SENT.getFirst();
    Layout.Chain where = layout.chains().get(new TreeSet<>(chains).first());
    int at = 0;
    double most = 0;
    for (int index : new TreeSet<>(chains)) {
      Layout.Chain chain = layout.chains().get(index);
      double[] then = pictures.of(cause.fault(), white, chain).volts();
      double[] sound = pictures.sound(white, chain).volts();
      for (int i = 0; i < then.length; i++) {
        if (sound[i] - then[i] > most) {
          most = sound[i] - then[i];
          where = chain;
          at = i;
        }
      }
    }
    int segment = where.segmentAt(at);
    var s = where.segments().get(segment).segment();
    int pixel = s.firstPixel() + at - where.starts().get(segment);
    NextTest test =
        new NextTest(
            NextTest.Act.MEASURE,
            "Send white and measure at pixel " + pixel + " of " + s.run() + ".",
            Pattern.WHITE,
            List.of(new NextTest.Spot(s.run(), pixel, pixel)),
            "how much: " + cause.fault().kind().id());
    return Optional.of(new Ranked(test, cause.share() / MEASURE));
  }

  /** The runs that the causes touch, those of the likeliest first. */
  private Set<String> runs(List<Cause> causes) {
    Set<String> runs = new LinkedHashSet<>();
    for (Cause c : causes) {
      for (int chain : new TreeSet<>(Places.of(layout, c.fault()).chains())) {
        layout.chains().get(chain).segments().forEach(s -> runs.add(s.run().name()));
      }
    }
    return runs.stream().limit(RUNS).collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private Set<Integer> places(Layout.Part part) {
    var s = part.segment().segment();
    Set<Integer> places = new TreeSet<>(List.of(s.firstPixel(), s.lastPixel()));
    for (FeedReading f : layout.reading().feedsOf(s.id())) {
      places.add(f.feed().atPixel());
    }
    return places;
  }

  private static NextTest.Spot spot(Layout.Part part) {
    var s = part.segment().segment();
    return new NextTest.Spot(s.run(), s.firstPixel(), s.lastPixel());
  }

  private boolean told(Observed.Sending sending, Layout.Part part) {
    var s = part.segment().segment();
    return observed.seen().stream()
        .anyMatch(
            o ->
                o.sending().pattern() == sending.pattern()
                    && o.run().equals(s.run())
                    && o.firstPixel() <= s.firstPixel()
                    && o.lastPixel() >= s.lastPixel());
  }

  /** Looking at one part or several at once, each of which nobody looked at yet. */
  private Optional<Ranked> look(
      List<Cause> causes, Observed.Sending sending, List<Layout.Part> all) {
    List<Layout.Part> parts = all.stream().filter(p -> !told(sending, p)).toList();
    if (parts.isEmpty()) {
      return Optional.empty();
    }
    Answers answers = new Answers();
    for (Cause c : causes) {
      StringBuilder words = new StringBuilder();
      for (Layout.Part part : parts) {
        String own = words(pictures.of(c.fault(), sending, part.chain()), part);
        boolean named = parts.size() > 1 && !own.equals(Looks.RIGHT.id());
        words.append(words.isEmpty() || own.equals(Looks.RIGHT.id()) ? "" : ", ");
        words.append(named ? spot(part).run() + " " + own : parts.size() > 1 ? "" : own);
      }
      String answer = words.isEmpty() ? Looks.RIGHT.id() : words.toString();
      answers.add(answer, c);
    }
    List<NextTest.Spot> spots = parts.stream().map(NextTests::spot).toList();
    String where =
        parts.size() == 1
            ? spots.getFirst().text()
            : "the runs of " + parts.getFirst().chain().controller();
    String text = "Send " + sending.pattern().id() + " and look at " + where + ".";
    double effort = LOOK + MORE * (parts.size() - 1);
    return answers
        .worth(effort)
        .map(
            worth ->
                new Ranked(
                    new NextTest(
                        NextTest.Act.LOOK, text, sending.pattern(), spots, answers.tells()),
                    worth));
  }

  /** The first run of each port of the box of the likeliest: swapped plugs show on two of them. */
  private List<Layout.Part> ofBox(List<Cause> causes) {
    int first = new TreeSet<>(Places.of(layout, causes.getFirst().fault()).chains()).first();
    int box = layout.chains().get(first).box();
    return layout.chains().stream()
        .filter(c -> c.box() == box)
        .map(c -> layout.part(c.segments().getFirst().segment().id()))
        .toList();
  }

  /** A picture in words: stretches of one look. */
  private static String words(Picture picture, Layout.Part part) {
    StringBuilder text = new StringBuilder();
    int first = part.segment().segment().firstPixel();
    int pixels = part.segment().segment().pixels();
    int from = 0;
    for (int i = 1; i <= pixels; i++) {
      Optional<Looks> look = picture.looks()[part.start() + from];
      if (i == pixels || !look.equals(picture.looks()[part.start() + i])) {
        text.append(text.isEmpty() ? "" : ", ").append(look.map(Looks::id).orElse("any look"));
        text.append(
            from == 0 && i == pixels ? "" : " " + (first + from) + " to " + (first + i - 1));
        from = i;
      }
    }
    return text.toString();
  }

  private Optional<Ranked> measure(List<Cause> causes, Layout.Part part, int pixel) {
    var s = part.segment().segment();
    Observed.Sending white = SENT.getFirst();
    boolean told =
        observed.readings().stream().anyMatch(r -> r.run().equals(s.run()) && r.pixel() == pixel);
    if (told) {
      return Optional.empty();
    }
    double step = STEP_SHARE * part.segment().type().volts();
    Answers answers = new Answers();
    for (Cause c : causes) {
      double volts = pictures.of(c.fault(), white, part.chain()).volts()[part.indexOf(pixel)];
      String about = bunting.core.show.Texts.fixed(Math.round(volts / step) * step, 1) + " V";
      answers.add(about, c);
    }
    String text = "Send white and measure at pixel " + pixel + " of " + s.run() + ".";
    return answers
        .worth(MEASURE)
        .map(
            worth ->
                new Ranked(
                    new NextTest(
                        NextTest.Act.MEASURE,
                        text,
                        Pattern.WHITE,
                        List.of(new NextTest.Spot(s.run(), pixel, pixel)),
                        answers.tells()),
                    worth));
  }

  /** Where the likeliest looks like another: what tells them apart by hand. */
  private Optional<Ranked> tried(List<Cause> causes) {
    for (Cause c : causes) {
      if (!c.alike().isEmpty()) {
        Answers answers = new Answers();
        answers.add("it helps", c);
        causes.stream()
            .filter(o -> !o.fault().equals(c.fault()))
            .forEach(o -> answers.add("it changes nothing", o));
        int chain = Places.of(layout, c.fault()).chains().stream().sorted().findFirst().orElse(0);
        var s = layout.chains().get(chain).segments().getFirst().segment();
        String text = FaultText.apart(c.fault(), c.alike().getFirst());
        String act =
            text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1) + ".";
        return answers
            .worth(TRY)
            .map(
                worth ->
                    new Ranked(
                        new NextTest(
                            NextTest.Act.TRY,
                            act,
                            Pattern.WHITE,
                            List.of(new NextTest.Spot(s.run(), s.firstPixel(), s.lastPixel())),
                            answers.tells()),
                        worth));
      }
    }
    return Optional.empty();
  }
}
