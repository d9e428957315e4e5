import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { ApiError, api, carriedOut } from "../api/http";
import { written } from "../frame/written";

export function SignIn() {
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const [busy, setBusy] = useState(false);
  const [asked, setAsked] = useState(false);
  const submit = async (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const form = new FormData(e.currentTarget);
    setBusy(true);
    setProblem("");
    try {
      await carriedOut(
        api.POST("/api/session", {
          body: {
            signIn: written(form, "signIn"),
            password: written(form, "password"),
            code: written(form, "code") || undefined,
          },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["me"] });
    } catch (error) {
      // Asked for the first time it is a question, not a fault.
      const first = error instanceof ApiError && error.codeNeeded && !asked;
      if (first) setAsked(true);
      else setProblem(error instanceof Error ? error.message : "Signing in failed.");
      setBusy(false);
    }
  };
  return (
    <main className="grid min-h-dvh place-items-center p-6">
      <div className="grid w-full max-w-4xl items-center gap-12 md:grid-cols-[1.2fr_1fr]">
        <section>
          <svg viewBox="0 0 420 300" className="w-full" role="img" aria-label="A kite with a tail of bows">
            <path d="M292 18 388 104 268 176 214 82z" className="fill-secondary" />
            <path d="M292 18 268 176M214 82 388 104" className="stroke-base-100" strokeWidth="4" />
            <path
              d="M268 176c-24 58-92 20-122 58s-66 22-112 50"
              fill="none"
              className="stroke-base-content"
              strokeWidth="3"
            />
            {[
              [243, 208],
              [196, 214],
              [148, 232],
              [104, 262],
            ].map(([x, y]) => (
              <path key={x} d={`M${x} ${y}l-22-12v24zl22-12v24z`} className="fill-primary" />
            ))}
          </svg>
          <h1 className="font-bold text-5xl">Kite Tail</h1>
          <p className="soft mt-2 text-xl">Plan the cut on this head. Cut by it. Keep what was done.</p>
        </section>
        <form onSubmit={submit} className="grid gap-4">
          <label className="grid gap-1 font-bold">
            Name
            <input
              name="signIn"
              autoComplete="username"
              required
              className="input touch w-full text-lg font-normal"
            />
          </label>
          <label className="grid gap-1 font-bold">
            Password
            <input
              name="password"
              type="password"
              autoComplete="current-password"
              required
              className="input touch w-full text-lg font-normal"
            />
          </label>
          {asked && (
            <label className="grid gap-1 font-bold">
              The six digits your authenticator shows, or a code for a lost device
              <input
                name="code"
                autoComplete="one-time-code"
                // biome-ignore lint/a11y/noAutofocus: it is what is asked next
                autoFocus
                className="input touch w-full text-lg font-normal"
              />
            </label>
          )}
          {problem && (
            <p role="alert" className="border-error border-l-4 pl-3">
              {problem}
            </p>
          )}
          <button type="submit" className="btn btn-primary touch text-lg" disabled={busy}>
            Sign in
          </button>
        </form>
      </div>
    </main>
  );
}
