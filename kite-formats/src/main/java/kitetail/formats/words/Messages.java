package kitetail.formats.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import kitetail.formats.json.PlanJson;
import tools.jackson.databind.JsonNode;

/**
 * The one catalogue of sentences, {@code kitetail/words/messages.json}: patterns in ICU's message
 * syntax with named arguments, by keys of groups and names joined with dots. A closed choice has a
 * group of its own with an entry for each of its names.
 */
final class Messages {
  private static final JsonNode ALL = PlanJson.shipped("words/messages.json", JsonNode.class);
  private static final Map<String, Message> READ = new ConcurrentHashMap<>();

  private record Message(MessageFormat pattern, Set<String> arguments) {}

  private Messages() {}

  /** What one of a closed choice is called, or says. */
  static String of(String group, Enum<?> one, Object... named) {
    return say(group + "." + one.name(), named);
  }

  /**
   * @param named names of arguments and their values by turns: words, numbers, choices or truths
   * @throws IllegalStateException when the catalogue has no such message, or one with other
   *     arguments
   */
  static String say(String key, Object... named) {
    Message m = READ.computeIfAbsent(key, Messages::read);
    Map<String, Object> arguments = new HashMap<>();
    for (int i = 0; i < named.length; i += 2) {
      arguments.put((String) named[i], argument(named[i + 1]));
    }
    if (!arguments.keySet().containsAll(m.arguments())) {
      throw new IllegalStateException(key + " wants " + m.arguments() + ", not " + arguments);
    }
    synchronized (m) { // a pattern formats one at a time
      return m.pattern().format(arguments, new StringBuffer(), null).toString();
    }
  }

  private static Object argument(Object value) {
    return value instanceof Enum<?> e
        ? e.name()
        : value instanceof Boolean b ? b.toString() : value;
  }

  private static Message read(String key) {
    JsonNode at = ALL;
    for (String part : key.split("\\.")) {
      at = at.path(part);
    }
    if (!at.isString()) {
      throw new IllegalStateException("messages.json has no " + key);
    }
    MessageFormat pattern = new MessageFormat(at.asString(), ULocale.ENGLISH);
    return new Message(pattern, Set.copyOf(pattern.getArgumentNames()));
  }
}
