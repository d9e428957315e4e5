import { IntlMessageFormat } from "intl-messageformat";
import messages from "./messages.json";

export type Message = keyof typeof messages;

const read = new Map<Message, IntlMessageFormat>();

/**
 * What the page says, in words of its catalogue: messages.json beside this, in the message syntax of ICU with named
 * arguments, as the server's own (Messages.java). Numbers come as they are to be read.
 */
export function worded(key: Message, named?: Readonly<Record<string, string | number | undefined>>): string {
  const pattern = messages[key];
  if (!named) return pattern;
  let message = read.get(key);
  if (!message) {
    message = new IntlMessageFormat(pattern, "en");
    read.set(key, message);
  }
  return String(message.format(named));
}
