package kitetail.server.practice;

/** Somebody came to a demo shop to learn, some weeks ago. */
public record LearnerJoined(long shop, long person) {}
