package kitetail.server.security;

import java.util.EnumSet;
import java.util.Set;

/** What somebody is in a shop; docs/security.md has the same table. */
public enum Role {
  OWNER(EnumSet.allOf(Right.class)),
  MANAGER(EnumSet.complementOf(EnumSet.of(Right.ARCHIVE))),
  STYLIST(EnumSet.of(Right.SEE, Right.BOOK, Right.CARE, Right.CUT)),
  ASSISTANT(EnumSet.of(Right.SEE, Right.BOOK, Right.CARE)),
  LEARNER(EnumSet.of(Right.SEE));

  private final Set<Right> rights;

  Role(Set<Right> rights) {
    this.rights = Set.copyOf(rights);
  }

  public Set<Right> rights() {
    return rights;
  }

  /** Whether somebody of this role may take in, change or shut out somebody of the other. */
  public boolean minds(Role other) {
    return rights.contains(Right.PEOPLE) && rights.containsAll(other.rights);
  }
}
