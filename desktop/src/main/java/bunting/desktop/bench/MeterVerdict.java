package bunting.desktop.bench;

import bunting.core.faults.Cause;
import bunting.core.faults.Diagnosis;
import bunting.core.faults.Fault;
import bunting.core.faults.FaultText;
import bunting.core.faults.Observed;
import bunting.core.meter.MeterSetting;
import bunting.core.plan.MeasuredLead;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Under the meter's sheet: what all readings together tell, and what the plan may take of it. */
final class MeterVerdict extends VBox {
  /** Below this share a cause is no answer. */
  private static final double SURE = 0.25;

  private final Session session;
  private final Label tells = Words.lines("");
  private final VBox take = new VBox(5);
  private final Newest asking;

  MeterVerdict(Session session) {
    super(6);
    this.session = session;
    this.asking = new Newest(session.background());
    tells.setId("meter-tells");
    getChildren().addAll(tells, take);
  }

  boolean busy() {
    return asking.busy().get();
  }

  /** Says something that needs no search. */
  void say(String text) {
    asking.stop();
    tells.setText(text);
    take.getChildren().clear();
  }

  /** Asks what is behind readings of which one at least is not as expected. */
  void judge(Rig rig, MeterSetting setting, Observed readings) {
    Diagnosis diagnosis = rig.diagnosis(setting.trims());
    tells.setText("Looking for what explains these readings…");
    take.getChildren().clear();
    asking.ask(
        "judging the readings",
        job -> diagnosis.of(readings, job::stopped),
        answer -> told(rig, answer),
        session::say);
  }

  private void told(Rig rig, Diagnosis.Answer answer) {
    take.getChildren().clear();
    Optional<Cause> sure = answer.causes().stream().findFirst().filter(c -> c.share() >= SURE);
    if (sure.isEmpty()) {
      tells.setText("No single fault explains these readings: measure at both ends of that run.");
      return;
    }
    Cause cause = sure.get();
    tells.setText(
        FaultText.name(cause.fault())
            + " ("
            + Texts.fixed(100 * cause.share(), 0)
            + " %). "
            + FaultText.cure(cause.fault())
            + answer.tests().stream().findFirst().map(t -> " Next: " + t.text()).orElse(""));
    if (cause.fault() instanceof Fault.ThinLead lead) {
      offer(rig, lead);
    }
  }

  /** A cable that is longer than planned, and stays, may be planned as it is. */
  private void offer(Rig rig, Fault.ThinLead lead) {
    OptionalDouble metres = MeasuredLead.metres(rig.reading(), lead.feed(), lead.ohms());
    Optional<String> no = MeasuredLead.hindrance(rig.reading(), lead.feed());
    if (no.isPresent() || metres.isEmpty()) {
      no.ifPresent(why -> take.getChildren().setAll(Words.softLines(why)));
      return;
    }
    String wire = rig.layout().feed(lead.feed()).wire();
    String cable = Lengths.of(rig.reading().show()).text(metres.getAsDouble()) + " of " + wire;
    take.getChildren()
        .setAll(
            Words.softLines(
                "If joints and plugs are good, the cable is longer than planned: as much as "
                    + cable
                    + "."),
            Buttons.small(
                "meter-take-lead",
                "Plan " + lead.feed() + " as " + cable,
                () ->
                    session.edit(
                        "Feed " + lead.feed() + " is planned as it measures, " + cable + ".",
                        s ->
                            MeasuredLead.planned(
                                s, rig.reading(), lead.feed(), metres.getAsDouble()))));
  }
}
