package kitetail.formats;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class FormatBordersTest {
  private static final JavaClasses FORMATS =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("kitetail.formats");

  @Test
  void packagesHaveNoCycles() {
    slices().matching("kitetail.formats.(*)..").should().beFreeOfCycles().check(FORMATS);
  }

  @Test
  void formatsKnowNoServer() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.springframework..", "java.sql..")
        .check(FORMATS);
  }
}
