package kitetail.server.answer;

/** What was made, by its number. */
public record Added(long id) {}
