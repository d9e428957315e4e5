import { type FormEvent, useState } from "react";
import { ApiError, api, carriedOut } from "../api/http";
import { written } from "../frame/written";
import { worded } from "../words/worded";

/** Signing in by a form with password and, once they are asked for, digits; the name is in it or known. */
export function useSignIn(done: () => Promise<void> | void, known?: string) {
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
            signIn: known ?? written(form, "signIn"),
            password: written(form, "password"),
            code: written(form, "code") || undefined,
          },
        }),
      );
      await done();
    } catch (error) {
      // Asked for the first time it is a question, not a fault.
      const first = error instanceof ApiError && error.codeNeeded && !asked;
      if (first) setAsked(true);
      else setProblem(error instanceof Error ? error.message : worded("signIn.signing-in-failed"));
    }
    setBusy(false);
  };
  return { submit, problem, busy, asked };
}
