package bunting.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Modules import one way: desktop, cli to wire and files, these to core. */
@Tag("slow")
class LayersTest {
  private static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bunting");

  @Test
  void filesAndCliKnowNoInterface() {
    noClasses()
        .that()
        .resideInAnyPackage("bunting.files..", "bunting.cli..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "bunting.desktop..")
        .check(ALL);
    noClasses()
        .that()
        .resideInAPackage("bunting.wire..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "bunting.desktop..", "bunting.cli..", "bunting.files..")
        .check(ALL);
    noClasses()
        .that()
        .resideInAPackage("bunting.files..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("bunting.cli..", "bunting.wire..")
        .check(ALL);
    noClasses()
        .that()
        .resideInAPackage("bunting.desktop..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("bunting.cli..")
        .check(ALL);
  }
}
