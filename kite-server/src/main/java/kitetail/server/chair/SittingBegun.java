package kitetail.server.chair;

import java.time.OffsetDateTime;
import kitetail.server.security.Person;

/** Told when work on a client has begun. */
public record SittingBegun(Person by, long planId, long clientId, OffsetDateTime at) {}
