package kitetail.server.warm;

/**
 * A part of the server whose first answer takes long: tables are baked and code compiled on the
 * way. It answers itself once the server is up, the parts by their {@link
 * org.springframework.core.annotation.Order}.
 */
public interface Warms {
  void warm();
}
