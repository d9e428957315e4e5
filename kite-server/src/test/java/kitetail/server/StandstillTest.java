package kitetail.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.domain.JavaCodeUnitReference;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/**
 * Work spread over the processors under a lock stands still for good: a worker of the common pool
 * that waits for the lock is missing to who holds it. A class being initialised is such a lock too.
 */
class StandstillTest {
  private static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("kitetail");

  private static final Set<String> SPREADS = Set.of("parallel", "parallelStream");

  /** What a class only writes down while it is initialised, for a {@code Lazy} say. */
  private static boolean isLater(JavaAccess<?> call) {
    return call.isDeclaredInLambda() || call instanceof JavaCodeUnitReference<?>;
  }

  /** From the code unit to work that is spread over the processors, a call after the other. */
  private static List<String> wayToSpreadWork(JavaCodeUnit from) {
    Map<JavaCodeUnit, JavaCodeUnit> cameFrom = new HashMap<>();
    Deque<JavaCodeUnit> open = new ArrayDeque<>(List.of(from));
    cameFrom.put(from, from);
    while (!open.isEmpty()) {
      JavaCodeUnit at = open.poll();
      for (JavaAccess<?> call : at.getAccessesFromSelf()) {
        if (at.getName().equals("<clinit>") && isLater(call)) {
          continue;
        }
        if (SPREADS.contains(call.getTarget().getName())
            && call.getTargetOwner().getPackageName().startsWith("java.util")) {
          List<String> way = new ArrayList<>();
          for (JavaCodeUnit u = at; u != cameFrom.get(u); u = cameFrom.get(u)) {
            way.add(0, u.getFullName());
          }
          way.add(0, from.getFullName());
          return way;
        }
        if (call.getTarget().resolveMember().orElse(null) instanceof JavaCodeUnit next
            && next.getOwner().getPackageName().startsWith("kitetail")
            && cameFrom.putIfAbsent(next, at) == null) {
          open.add(next);
        }
      }
    }
    return List.of();
  }

  @Test
  void noClassIsInitialised_withWorkSpreadOverTheProcessors() {
    List<List<String>> ways = new ArrayList<>();
    int looked = 0;
    for (JavaClass c : ALL) {
      if (c.getStaticInitializer().isPresent()) {
        looked++;
        List<String> way = wayToSpreadWork(c.getStaticInitializer().get());
        if (!way.isEmpty()) {
          ways.add(way);
        }
      }
    }
    assertThat(looked).isGreaterThan(100);
    assertThat(ways).isEmpty();
  }

  @Test
  void noMonitorIsHeld_overWorkSpreadOverTheProcessors() {
    List<List<String>> ways = new ArrayList<>();
    for (JavaClass c : ALL) {
      for (JavaCodeUnit u : c.getCodeUnits()) {
        if (u.getModifiers().contains(JavaModifier.SYNCHRONIZED)) {
          List<String> way = wayToSpreadWork(u);
          if (!way.isEmpty()) {
            ways.add(way);
          }
        }
      }
    }
    assertThat(ways).isEmpty();
  }

  @Test
  void nothingIsMade_underTheLockOfACache() {
    noClasses()
        .that()
        .doNotHaveSimpleName("Kept")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("com.github.benmanes.caffeine..")
        .orShould()
        .callMethod(ConcurrentHashMap.class, "computeIfAbsent", Object.class, Function.class)
        .orShould()
        .callMethod(ConcurrentMap.class, "computeIfAbsent", Object.class, Function.class)
        .check(ALL);
  }
}
