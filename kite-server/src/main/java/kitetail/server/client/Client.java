package kitetail.server.client;

import java.time.OffsetDateTime;
import kitetail.hair.Hair;
import kitetail.hair.TapedLengths;
import kitetail.head.HeadSpec;

/** A client of the shop with the head and hair last measured. */
public record Client(
    long id,
    String name,
    String note,
    HeadSpec.Measured head,
    Hair hair,
    TapedLengths start,
    OffsetDateTime createdAt) {}
