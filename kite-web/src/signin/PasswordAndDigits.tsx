import { worded } from "../words/worded";
import type { useSignIn } from "./useSignIn";

/** The password, the digits once they are asked for, what was refused, and the way in. */
export function PasswordAndDigits({ problem, busy, asked }: Omit<ReturnType<typeof useSignIn>, "submit">) {
  return (
    <>
      <label className="grid gap-1 font-bold">
        {worded("signIn.password")}
        <input
          name="password"
          type="password"
          autoComplete="current-password"
          data-first
          required
          className="input touch w-full text-lg font-normal"
        />
      </label>
      {asked && (
        <label className="grid gap-1 font-bold">
          {worded("signIn.the-six-digits-your")}
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
        {worded("signIn.sign-in")}
      </button>
    </>
  );
}
