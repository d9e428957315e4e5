package kitetail.server.contract;

import io.swagger.v3.core.jackson.TypeNameResolver;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Names of types in the contract: one inside a class of the server has its own name, one inside a
 * record, or inside a class of the core, that of both.
 */
class TypeNames extends TypeNameResolver {
  private static final String SERVER = "kitetail.server";

  private final Map<String, Class<?>> taken = new ConcurrentHashMap<>();

  /**
   * @throws IllegalStateException when another type has that name already
   */
  @Override
  protected String getNameOfClass(Class<?> type) {
    Class<?> outer = type.getDeclaringClass();
    String name =
        outer == null || !outer.isRecord() && outer.getPackageName().startsWith(SERVER)
            ? type.getSimpleName()
            : getNameOfClass(outer) + type.getSimpleName();
    Class<?> other = taken.putIfAbsent(name, type);
    if (other != null && other != type) {
      throw new IllegalStateException(
          name + " is the name of both " + other.getName() + " and " + type.getName());
    }
    return name;
  }
}
