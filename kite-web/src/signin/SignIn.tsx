import { useQueryClient } from "@tanstack/react-query";
import { worded } from "../words/worded";
import { PasswordAndDigits } from "./PasswordAndDigits";
import { useSignIn } from "./useSignIn";

export function SignIn() {
  const queries = useQueryClient();
  const { submit, ...shown } = useSignIn(() => queries.invalidateQueries({ queryKey: ["me"] }));
  return (
    <main className="grid min-h-dvh place-items-center p-6">
      <div className="grid w-full max-w-4xl items-center gap-12 md:grid-cols-[1.2fr_1fr]">
        <section>
          <svg
            viewBox="0 0 420 300"
            className="w-full"
            role="img"
            aria-label={worded("signIn.a-kite-with-a")}
          >
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
          <h1 className="font-bold text-5xl">{worded("signIn.kite-tail")}</h1>
          <p className="soft mt-2 text-xl">{worded("signIn.plan-the-cut-on")}</p>
        </section>
        <form onSubmit={submit} className="grid gap-4">
          <label className="grid gap-1 font-bold">
            {worded("common.name")}
            <input
              name="signIn"
              autoComplete="username"
              required
              className="input touch w-full text-lg font-normal"
            />
          </label>
          <PasswordAndDigits {...shown} />
        </form>
      </div>
    </main>
  );
}
