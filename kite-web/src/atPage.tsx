import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes } from "react-router";
import { vi } from "vitest";

// What stands for a browser here has no modal dialogs.
HTMLDialogElement.prototype.showModal ??= function showModal() {
  this.open = true;
};

/** One request a page made. */
export type Sent = { method: string; url: string; body: unknown };

/**
 * For tests: a part of the page before a server that answers by "METHOD /path", the longest beginning that fits.
 * An answer is given as it is, or by a function of what was sent; an Error is a server that is gone; a Response goes as
 * it is. What was asked is collected.
 *
 * @param route the path the part stands at, with its parameters
 * @param at where it is opened
 */
export function atPage(
  element: ReactNode,
  answers: Record<string, unknown>,
  route = "/here",
  at = route,
): Sent[] {
  const sent = answering(answers);
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path={route} element={element} />
          <Route path="*" element={<p>elsewhere</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return sent;
}

/** The server alone. */
export function answering(answers: Record<string, unknown>): Sent[] {
  const sent: Sent[] = [];
  const known = Object.keys(answers).sort((a, b) => b.length - a.length);
  vi.stubGlobal("fetch", async (url: string, init?: RequestInit) => {
    const method = init?.method ?? "GET";
    const body = init?.body ? JSON.parse(String(init.body)) : undefined;
    sent.push({ method, url, body });
    const fits = known.find((k) => `${method} ${url}`.startsWith(k));
    const found = fits === undefined ? undefined : answers[fits];
    const answer = typeof found === "function" ? found(body) : found;
    if (answer instanceof Error) throw new TypeError(answer.message);
    if (answer instanceof Response) return answer.clone();
    return new Response(JSON.stringify(answer ?? {}), { status: fits === undefined ? 404 : 200 });
  });
  return sent;
}

/** What was asked with a method, but for tokens. */
export const asked = (sent: Sent[], method: string): Sent[] =>
  sent.filter((s) => s.method === method && s.url !== "/api/session/token");

/** A refusal as the server words it. */
export const refused = (detail: string, status = 422) => new Response(JSON.stringify({ detail }), { status });
