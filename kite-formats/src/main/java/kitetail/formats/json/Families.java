package kitetail.formats.json;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kitetail.plan.Plan;

/**
 * The shape families that ship, each a plan document a stylist can read and change. A file put into
 * the folder is a family; nothing lists them.
 */
public final class Families {
  private static final String FOLDER = "families";

  private Families() {}

  /** Loaded once; in the order of their titles. */
  private static final class Shipped {
    static final Map<String, Plan> ALL = load();
  }

  /** By id, in the order of their titles. */
  public static Map<String, Plan> all() {
    return Shipped.ALL;
  }

  private static Map<String, Plan> load() {
    List<Plan> plans =
        names().stream()
            .map(n -> PlanJson.read(PlanJson.resource(FOLDER + "/" + n)))
            .sorted(Comparator.comparing(Plan::title))
            .toList();
    Map<String, Plan> all = new LinkedHashMap<>();
    for (Plan p : plans) {
      if (p.family() == null || all.put(p.family().id(), p) != null) {
        throw new IllegalStateException(
            "the family \"" + p.title() + "\" has no id of its own in \"family\"");
      }
    }
    return Collections.unmodifiableMap(all);
  }

  private static List<String> names() {
    try {
      URI at = Families.class.getResource("/kitetail/" + FOLDER).toURI();
      if (!at.getScheme().equals("jar")) {
        return names(Path.of(at));
      }
      try (FileSystem jar = FileSystems.newFileSystem(at, Map.of())) {
        return names(jar.getPath("/kitetail/" + FOLDER));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (URISyntaxException e) {
      throw new IllegalStateException(e);
    }
  }

  private static List<String> names(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .map(f -> f.getFileName().toString())
          .filter(n -> n.endsWith(".json"))
          .sorted()
          .toList();
    }
  }
}
