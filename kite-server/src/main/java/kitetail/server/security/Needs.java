package kitetail.server.security;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What somebody has to be allowed for this. Where nothing is said, looking and asking the engine
 * need {@link Right#SEE} and all that changes something {@link Right#CUT}.
 */
@Documented
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {
  Right value();
}
