package kitetail.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Set;
import kitetail.hair.WetDry;
import kitetail.plan.Family;
import kitetail.plan.Plan;
import kitetail.plan.School;
import kitetail.plan.SitDown;
import kitetail.practice.Course;
import kitetail.practice.Drill;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RestController;

class ServerBordersTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("kitetail.server");

  @Test
  void featuresHaveNoCycles() {
    slices().matching("kitetail.server.(*)..").should().beFreeOfCycles().check(SERVER);
  }

  /** What a document is; a door takes one in and hands it on. */
  private static final Set<Class<?>> DOCUMENTS =
      Set.of(
          Plan.class,
          Family.class,
          School.class,
          SitDown.class,
          WetDry.class,
          Course.class,
          Drill.class);

  private static final DescribedPredicate<JavaClass> CORE =
      resideInAPackage("kitetail..")
          .and(not(resideInAnyPackage("kitetail.server..", "kitetail.formats..")))
          .and(not(belongToAnyOf(DOCUMENTS.toArray(new Class<?>[0]))))
          .as("the core, documents aside");

  @Test
  void doorsBindCallAndAnswer() {
    noClasses()
        .that()
        .areAnnotatedWith(RestController.class)
        .and()
        .resideOutsideOfPackage("kitetail.server.standin..")
        .should()
        .dependOnClassesThat(CORE)
        .orShould()
        .dependOnClassesThat()
        .resideInAPackage("org.springframework.jdbc..")
        .orShould()
        .dependOnClassesThat()
        .resideInAPackage("org.springframework.transaction..")
        .because("what a door asks for is worked out behind it")
        .check(SERVER);
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
