package kitetail.server.contract;

import java.util.List;
import kitetail.formats.json.PlanProblem;
import org.jspecify.annotations.Nullable;

/**
 * What went wrong, as every door tells it (RFC 9457).
 *
 * @param detail a sentence for whoever asked
 * @param problems each fault of what was sent
 * @param currentVersion of what was changed meanwhile
 * @param stored how many of a device's entries the server has, where one before those sent is
 *     missing
 * @param askAgain nothing was done, and it may be asked again after {@code Retry-After} seconds
 * @param codeNeeded the digits beside the password are asked
 * @param unknownWork a document was named that has to be sent
 */
record Problem(
    @Nullable String title,
    int status,
    String detail,
    @Nullable String instance,
    @Nullable List<PlanProblem> problems,
    @Nullable Long currentVersion,
    @Nullable Integer stored,
    @Nullable Boolean askAgain,
    @Nullable Boolean codeNeeded,
    @Nullable Boolean unknownWork) {}
