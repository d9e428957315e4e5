package kitetail.server.security;

import java.io.Serial;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** Who is signed in, and to which shop. */
public record Person(
    long id,
    long shopId,
    String name,
    String signIn,
    String passwordHash,
    String role,
    String units)
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

  /** Whether this person may change what is the shop's and not one chair's. */
  public boolean isOwner() {
    return role.equals("OWNER");
  }
}
