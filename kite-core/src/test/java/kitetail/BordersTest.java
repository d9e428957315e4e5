package kitetail;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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

  /** Each but the lowest, with those that may lean on it. */
  private static final Map<String, List<String>> LEANED_ON_BY =
      Map.ofEntries(
          Map.entry("planning", List.of()),
          Map.entry("shopday", List.of()),
          Map.entry("edit", List.of("check", "planning")),
          Map.entry("check", List.of("planning")),
          Map.entry("look", List.of("check", "planning")),
          Map.entry("fall", List.of("look", "plan", "check", "planning", "shopday")),
          Map.entry("plan", List.of("check", "edit", "planning", "shopday")),
          Map.entry("cut", List.of("plan", "check", "edit", "planning", "shopday")),
          Map.entry("section", List.of("cut", "plan", "check", "edit", "planning")),
          Map.entry("client", List.of("plan", "check", "planning")),
          Map.entry(
              "hair",
              List.of(
                  "client",
                  "section",
                  "cut",
                  "plan",
                  "fall",
                  "look",
                  "check",
                  "edit",
                  "planning",
                  "shopday")),
          Map.entry(
              "head",
              List.of(
                  "hair",
                  "client",
                  "section",
                  "cut",
                  "plan",
                  "fall",
                  "look",
                  "check",
                  "edit",
                  "planning",
                  "shopday")));

  @Test
  void theArrowRunsFromGeometryToPlanning() {
    LayeredArchitecture layers =
        layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("work")
            .definedBy("kitetail.work..")
            .layer("geom")
            .definedBy("kitetail.geom..");
    for (String layer : LEANED_ON_BY.keySet()) {
      layers = layers.layer(layer).definedBy("kitetail." + layer + "..");
    }
    for (Map.Entry<String, List<String>> e : LEANED_ON_BY.entrySet()) {
      layers =
          e.getValue().isEmpty()
              ? layers.whereLayer(e.getKey()).mayNotBeAccessedByAnyLayer()
              : layers
                  .whereLayer(e.getKey())
                  .mayOnlyBeAccessedByLayers(e.getValue().toArray(String[]::new));
    }
    layers.whereLayer("work").mayNotAccessAnyLayer().check(CORE);
  }

  /** A package is a concept: one class is none. */
  @Test
  void noPackageHasOneClass() {
    Map<String, Long> classes =
        CORE.stream()
            .filter(
                c -> c.getEnclosingClass().isEmpty() && !c.getSimpleName().equals("package-info"))
            .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));
    assertThat(classes)
        .hasSizeBetween(10, 15)
        .allSatisfy((p, n) -> assertThat(n).as(p).isGreaterThan(1));
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
