package kitetail;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The borders of the core: which way the packages lean, and what may not come in. */
class BordersTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("kitetail");

  @Test
  void packagesHaveNoCycles() {
    slices().matching("kitetail.(*)..").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void theArrowRunsFromGeometryToPlan() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("work")
        .definedBy("kitetail.work..")
        .layer("geom")
        .definedBy("kitetail.geom..")
        .layer("head")
        .definedBy("kitetail.head..")
        .layer("hair")
        .definedBy("kitetail.hair..")
        .layer("wish")
        .definedBy("kitetail.wish..")
        .layer("care")
        .definedBy("kitetail.care..")
        .layer("section")
        .definedBy("kitetail.section..")
        .layer("cut")
        .definedBy("kitetail.cut..")
        .layer("fall")
        .definedBy("kitetail.fall..")
        .layer("look")
        .definedBy("kitetail.look..")
        .layer("check")
        .definedBy("kitetail.check..")
        .layer("growth")
        .definedBy("kitetail.growth..")
        .layer("plan")
        .definedBy("kitetail.plan..")
        .layer("fit")
        .definedBy("kitetail.fit..")
        .layer("risk")
        .definedBy("kitetail.risk..")
        .layer("taper")
        .definedBy("kitetail.taper..")
        .layer("edit")
        .definedBy("kitetail.edit..")
        .layer("remedy")
        .definedBy("kitetail.remedy..")
        .layer("chair")
        .definedBy("kitetail.chair..")
        .layer("finish")
        .definedBy("kitetail.finish..")
        .layer("kit")
        .definedBy("kitetail.kit..")
        .layer("learn")
        .definedBy("kitetail.learn..")
        .whereLayer("kit")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("learn")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("chair")
        .mayOnlyBeAccessedByLayers("learn")
        .whereLayer("finish")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("remedy")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("edit")
        .mayOnlyBeAccessedByLayers("remedy")
        .whereLayer("fit")
        .mayOnlyBeAccessedByLayers("remedy")
        .whereLayer("risk")
        .mayOnlyBeAccessedByLayers("remedy")
        .whereLayer("taper")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("check")
        .mayOnlyBeAccessedByLayers("remedy")
        .whereLayer("growth")
        .mayOnlyBeAccessedByLayers("fit")
        .whereLayer("look")
        .mayOnlyBeAccessedByLayers("check", "growth")
        .whereLayer("fall")
        .mayOnlyBeAccessedByLayers("look", "plan", "check", "growth", "finish", "fit", "remedy")
        .whereLayer("plan")
        .mayOnlyBeAccessedByLayers(
            "fit", "risk", "check", "growth", "edit", "remedy", "chair", "finish", "learn", "kit")
        .whereLayer("cut")
        .mayOnlyBeAccessedByLayers(
            "plan", "fit", "risk", "check", "growth", "edit", "remedy", "kit")
        .whereLayer("section")
        .mayOnlyBeAccessedByLayers(
            "cut", "plan", "fit", "risk", "check", "growth", "edit", "remedy")
        .whereLayer("wish")
        .mayOnlyBeAccessedByLayers("plan", "fit", "check", "growth", "remedy")
        .whereLayer("care")
        .mayOnlyBeAccessedByLayers("plan", "check")
        .whereLayer("hair")
        .mayOnlyBeAccessedByLayers(
            "wish", "section", "fall", "look", "cut", "plan", "fit", "risk", "check", "growth",
            "edit", "remedy", "finish")
        .whereLayer("head")
        .mayOnlyBeAccessedByLayers(
            "hair", "wish", "care", "section", "fall", "look", "cut", "plan", "fit", "risk",
            "check", "growth", "edit", "remedy", "chair", "learn")
        .whereLayer("work")
        .mayNotAccessAnyLayer()
        .check(CORE);
  }

  @Test
  void theCoreKnowsOnlyJavaAndItsMathsLibraries() {
    classes()
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "kitetail..",
            "java.lang..",
            "java.util..",
            "java.time..",
            "org.hipparchus..",
            "org.locationtech.jts..",
            "org.jspecify..")
        .check(CORE);
  }
}
