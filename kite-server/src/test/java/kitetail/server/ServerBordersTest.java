package kitetail.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ServerBordersTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("kitetail.server");

  @Test
  void featuresHaveNoCycles() {
    slices().matching("kitetail.server.(*)..").should().beFreeOfCycles().check(SERVER);
  }

  @Test
  void theServerDoesNoDomainMaths() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.hipparchus..", "org.locationtech.jts..")
        .check(SERVER);
  }

  @Test
  void thereIsNoObjectMapperToTheDatabase() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("jakarta.persistence..", "org.hibernate..")
        .check(SERVER);
  }
}
