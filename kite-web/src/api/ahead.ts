/** Answers asked for before the page that wants them is there; each is handed out once. */

const asked = new Map<string, Promise<Response>>();

const nameOf = (url: string, text?: string) => `${url}\n${text ?? ""}`;

/** How long an answer nobody came for is kept: what it is of may have changed by then. */
const KEPT_MS = 5000;

export function askAhead(url: string, ask: () => Promise<Response>, text?: string): Promise<Response> {
  const name = nameOf(url, text);
  const answer = ask();
  asked.set(name, answer);
  answer.catch(() => asked.delete(name));
  setTimeout(() => asked.delete(name), KEPT_MS);
  return answer;
}

/** What was asked ahead of just this, if it was; the next to ask asks anew. */
export function takeAhead(url: string, text?: string): Promise<Response> | undefined {
  const name = nameOf(url, text);
  const answer = asked.get(name);
  asked.delete(name);
  return answer;
}
