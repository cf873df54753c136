package bunting.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Imports run one way. */
@Tag("slow")
class ArchitectureTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bunting.core");

  @Test
  void theCoreKnowsNoInterfaceNoFilesAndNoSockets() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "javafx..",
            "java.awt..",
            "javax.swing..",
            "java.nio.file..",
            "java.net..",
            "com.fasterxml..",
            "bunting.files..",
            "bunting.cli..",
            "bunting.desktop..")
        .check(CORE);
  }

  @Test
  void roomsOpenInOneDirection() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("solve")
        .definedBy("bunting.core.solve")
        .layer("show")
        .definedBy("bunting.core.show")
        .layer("edit")
        .definedBy("bunting.core.show.edit")
        .layer("limits")
        .definedBy("bunting.core.limits")
        .layer("compare")
        .definedBy("bunting.core.compare")
        .layer("survey")
        .definedBy("bunting.core.survey")
        .layer("cost")
        .definedBy("bunting.core.cost")
        .layer("ports")
        .definedBy("bunting.core.ports")
        .layer("addressing")
        .definedBy("bunting.core.addressing")
        .layer("copper")
        .definedBy("bunting.core.copper")
        .layer("island")
        .definedBy("bunting.core.island")
        .layer("dc")
        .definedBy("bunting.core.dc")
        .layer("injection")
        .definedBy("bunting.core.injection")
        .layer("power")
        .definedBy("bunting.core.power")
        .layer("stock")
        .definedBy("bunting.core.stock")
        .layer("mains")
        .definedBy("bunting.core.mains")
        .layer("loads")
        .definedBy("bunting.core.loads")
        .layer("assess")
        .definedBy("bunting.core.assess")
        .layer("network")
        .definedBy("bunting.core.network")
        .layer("whatif")
        .definedBy("bunting.core.whatif")
        .layer("guess")
        .definedBy("bunting.core.guess")
        .layer("checks")
        .definedBy("bunting.core.checks")
        .layer("patch")
        .definedBy("bunting.core.patch")
        .layer("pattern")
        .definedBy("bunting.core.pattern")
        .layer("meter")
        .definedBy("bunting.core.meter")
        .layer("faults")
        .definedBy("bunting.core.faults")
        .layer("hookup")
        .definedBy("bunting.core.hookup")
        .layer("cards")
        .definedBy("bunting.core.cards")
        .layer("hours")
        .definedBy("bunting.core.hours")
        .layer("revision")
        .definedBy("bunting.core.revision")
        .layer("season")
        .definedBy("bunting.core.season")
        .layer("log")
        .definedBy("bunting.core.log")
        .layer("kit")
        .definedBy("bunting.core.kit")
        .layer("build")
        .definedBy("bunting.core.build")
        .layer("explain")
        .definedBy("bunting.core.explain")
        .layer("plan")
        .definedBy("bunting.core.plan")
        .layer("propose")
        .definedBy("bunting.core.propose")
        .whereLayer("solve")
        .mayNotAccessAnyLayer()
        .whereLayer("show")
        .mayNotAccessAnyLayer()
        .whereLayer("edit")
        .mayOnlyAccessLayers("show")
        .whereLayer("limits")
        .mayOnlyAccessLayers("edit", "show")
        .whereLayer("compare")
        .mayOnlyAccessLayers("show")
        .whereLayer("survey")
        .mayOnlyAccessLayers("show")
        .whereLayer("ports")
        .mayOnlyAccessLayers("solve", "cost", "survey", "show")
        .whereLayer("cost")
        .mayOnlyAccessLayers("survey", "show")
        .whereLayer("addressing")
        .mayOnlyAccessLayers("ports", "survey", "cost", "show")
        .whereLayer("dc")
        .mayOnlyAccessLayers("show")
        .whereLayer("copper")
        .mayOnlyAccessLayers("show")
        .whereLayer("island")
        .mayOnlyAccessLayers("dc", "survey", "show")
        .whereLayer("injection")
        .mayOnlyAccessLayers("dc", "show")
        .whereLayer("power")
        .mayOnlyAccessLayers(
            "solve",
            "copper",
            "island",
            "dc",
            "injection",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .whereLayer("loads")
        .mayOnlyAccessLayers(
            "solve",
            "copper",
            "island",
            "dc",
            "injection",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .whereLayer("stock")
        .mayOnlyAccessLayers("solve", "survey", "show")
        .whereLayer("mains")
        .mayOnlyAccessLayers(
            "solve",
            "copper",
            "island",
            "dc",
            "injection",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .whereLayer("assess")
        .mayOnlyAccessLayers(
            "copper",
            "island",
            "dc",
            "injection",
            "mains",
            "loads",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .whereLayer("network")
        .mayOnlyAccessLayers(
            "copper",
            "island",
            "dc",
            "injection",
            "assess",
            "mains",
            "loads",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .whereLayer("whatif")
        .mayOnlyAccessLayers(
            "copper",
            "island",
            "dc",
            "assess",
            "mains",
            "loads",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .whereLayer("guess")
        .mayOnlyAccessLayers("assess", "stock", "survey", "show")
        .whereLayer("checks")
        .mayOnlyAccessLayers(
            "guess",
            "copper",
            "island",
            "dc",
            "injection",
            "hookup",
            "network",
            "whatif",
            "assess",
            "mains",
            "loads",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "hours",
            "show")
        .whereLayer("patch")
        .mayOnlyAccessLayers("assess", "loads", "addressing", "show")
        .whereLayer("pattern")
        .mayOnlyAccessLayers("patch", "addressing")
        .whereLayer("meter")
        .mayOnlyAccessLayers(
            "pattern", "patch", "assess", "island", "dc", "copper", "survey", "show")
        .whereLayer("faults")
        .mayOnlyAccessLayers(
            "meter", "pattern", "patch", "assess", "island", "dc", "addressing", "survey", "show")
        .whereLayer("hookup")
        .mayOnlyAccessLayers("assess", "mains", "island", "show")
        .whereLayer("cards")
        .mayOnlyAccessLayers("network", "assess", "addressing", "show")
        .whereLayer("hours")
        .mayOnlyAccessLayers("hookup", "assess", "show")
        .whereLayer("revision")
        .mayOnlyAccessLayers("assess", "addressing", "cost", "show")
        .whereLayer("propose")
        .mayOnlyAccessLayers("plan", "checks", "assess", "ports", "show")
        .whereLayer("season")
        .mayOnlyAccessLayers("plan", "kit", "log", "stock", "assess", "show")
        .whereLayer("log")
        .mayOnlyAccessLayers("show")
        .whereLayer("kit")
        .mayOnlyAccessLayers("hookup", "stock", "assess", "copper", "survey", "log", "show")
        .whereLayer("build")
        .mayOnlyAccessLayers("kit", "hookup", "assess", "copper", "show")
        .whereLayer("explain")
        .mayOnlyAccessLayers(
            "copper",
            "island",
            "dc",
            "injection",
            "assess",
            "mains",
            "loads",
            "power",
            "addressing",
            "ports",
            "survey",
            "cost",
            "show")
        .check(CORE);
  }
}
