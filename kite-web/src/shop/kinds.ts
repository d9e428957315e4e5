import type { MessageRow } from "../api/types";
import { worded } from "../words/worded";

/** What a message is about. */
export const KINDS: Record<MessageRow["kind"], string> = {
  reminder: worded("outbox.reminder"),
  return: worded("outbox.come-back"),
  moved: worded("outbox.moved"),
};
