package kitetail.server.security;

import jakarta.servlet.http.HttpServletRequest;

/** Told when somebody has signed in. */
public record SignedIn(Person person, HttpServletRequest from) {}
