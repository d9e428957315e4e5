package kitetail.server.sitdown;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import kitetail.formats.answer.HairInk;

/** What is said of hair as it hangs today, before its strands. */
public record SitFall(double grownMm, int strands, @JsonUnwrapped HairInk ink) {}
