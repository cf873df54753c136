package bunting.desktop;

import bunting.desktop.addresses.AddressScreen;
import bunting.desktop.addresses.CardsScreen;
import bunting.desktop.addresses.NetworkScreen;
import bunting.desktop.bench.FloorScreen;
import bunting.desktop.bench.LadderScreen;
import bunting.desktop.bench.MeterScreen;
import bunting.desktop.bench.PracticeScreen;
import bunting.desktop.bench.SymptomScreen;
import bunting.desktop.better.BetterScreen;
import bunting.desktop.build.InsideScreen;
import bunting.desktop.glossary.GlossaryScreen;
import bunting.desktop.line.PortsScreen;
import bunting.desktop.log.LogScreen;
import bunting.desktop.mains.HoursScreen;
import bunting.desktop.mains.MainsScreen;
import bunting.desktop.mains.SingleLineScreen;
import bunting.desktop.others.OthersView;
import bunting.desktop.papers.PapersScreen;
import bunting.desktop.power.LossScreen;
import bunting.desktop.power.PowerScreen;
import bunting.desktop.power.QuickSheet;
import bunting.desktop.prepare.ShoppingScreen;
import bunting.desktop.prepare.WorkScreen;
import bunting.desktop.season.SeasonsScreen;
import bunting.desktop.session.Session;
import bunting.desktop.sheets.ImportView;
import bunting.desktop.shell.MainWindow;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.stock.CutView;
import bunting.desktop.survey.SurveyScreen;
import bunting.desktop.survey.WhichView;
import bunting.desktop.volts.VoltsView;
import java.util.List;

/** All screens in the order of the work. A new one is a room and a line here. */
public final class Screens {
  /** The list. */
  public static final List<ScreenDefinition<?>> ALL =
      List.of(
          SurveyScreen.SCREEN,
          CutView.SCREEN,
          VoltsView.SCREEN,
          OthersView.SCREEN,
          WhichView.SCREEN,
          ImportView.SCREEN,
          PortsScreen.SCREEN,
          BetterScreen.SCREEN,
          AddressScreen.SCREEN,
          NetworkScreen.SCREEN,
          CardsScreen.SCREEN,
          PowerScreen.SCREEN,
          MainsScreen.SCREEN,
          SingleLineScreen.SCREEN,
          InsideScreen.SCREEN,
          HoursScreen.SCREEN,
          LossScreen.SCREEN,
          QuickSheet.SCREEN,
          FloorScreen.SCREEN,
          SymptomScreen.SCREEN,
          MeterScreen.SCREEN,
          PracticeScreen.SCREEN,
          LadderScreen.SCREEN,
          PapersScreen.SCREEN,
          ShoppingScreen.SCREEN,
          WorkScreen.SCREEN,
          LogScreen.SCREEN,
          SeasonsScreen.SCREEN,
          GlossaryScreen.SCREEN);

  private Screens() {}

  /** A window of all screens that opens on the ports. */
  public static MainWindow.Plan plan(Session session) {
    return plan(() -> DemoShow.open(session));
  }

  /**
   * A window of all screens that opens on the ports.
   *
   * @param demo opens the demo
   */
  public static MainWindow.Plan plan(Runnable demo) {
    return new MainWindow.Plan(ALL, PortsScreen.SCREEN, SurveyScreen.SCREEN, demo);
  }
}
