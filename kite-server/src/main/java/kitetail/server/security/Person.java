package kitetail.server.security;

import java.io.Serial;
import java.util.List;
import kitetail.formats.words.Units;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * Who is signed in, and to which shop.
 *
 * @param role name of a {@link Role}
 * @param stamp counts up with every change that ends the sessions of before
 */
public record Person(
    long id,
    long shopId,
    String name,
    String signIn,
    String passwordHash,
    String role,
    String units,
    boolean leftHanded,
    int stamp)
    implements UserDetails {
  @Serial private static final long serialVersionUID = 1L;

  @Override
  public List<? extends GrantedAuthority> getAuthorities() {
    return List.of(new SimpleGrantedAuthority("ROLE_" + role));
  }

  @Override
  public String getPassword() {
    return passwordHash;
  }

  @Override
  public String getUsername() {
    return signIn;
  }

  public Role is() {
    return Role.valueOf(role);
  }

  /** The units lengths are said in. */
  public Units reads() {
    return Units.valueOf(units);
  }

  public boolean may(Right right) {
    return is().rights().contains(right);
  }
}
