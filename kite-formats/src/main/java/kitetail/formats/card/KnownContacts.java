package kitetail.formats.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Contacts that are known, to be asked after one who is very likely the same as another. */
public final class KnownContacts {
  private final List<Contact> all = new ArrayList<>();
  private final Map<String, List<Integer>> byKey = new HashMap<>();

  public void add(Contact c) {
    for (String key : c.likenesses()) {
      byKey.computeIfAbsent(key, k -> new ArrayList<>()).add(all.size());
    }
    all.add(c);
  }

  /** The first that was added of those very likely the same; null when there is none. */
  public Contact sameAs(Contact c) {
    return c.likenesses().stream()
        .flatMap(key -> byKey.getOrDefault(key, List.of()).stream())
        .sorted()
        .map(all::get)
        .filter(k -> k.sameAs(c))
        .findFirst()
        .orElse(null);
  }
}
