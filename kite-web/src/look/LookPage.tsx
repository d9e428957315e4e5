import { useState } from "react";
import { api, said } from "../api/http";
import { worded } from "../words/worded";
import { Looked } from "./Looked";

const KEPT = "kite-look";
const DIGITS = 6;

/** The client's own screen: paired by the six digits on the stylist's, without a sign-in. */
export function LookPage() {
  const [key, setKey] = useState(sessionStorage.getItem(KEPT));
  const [ended, setEnded] = useState(false);
  const over = () => {
    sessionStorage.removeItem(KEPT);
    setKey(null);
    setEnded(true);
  };
  if (key) return <Looked key={key} of={key} over={over} />;
  return (
    <Pair
      ended={ended}
      paired={(k) => {
        sessionStorage.setItem(KEPT, k);
        setKey(k);
      }}
    />
  );
}

function Pair({ ended, paired }: { ended: boolean; paired: (key: string) => void }) {
  const [code, setCode] = useState("");
  const [problem, setProblem] = useState("");
  const [busy, setBusy] = useState(false);
  const ask = async (digits: string) => {
    setBusy(true);
    setProblem("");
    try {
      paired((await said(api.POST("/api/look", { body: { code: digits } }))).key);
    } catch (e) {
      setProblem((e as Error).message);
      setCode("");
    }
    setBusy(false);
  };
  return (
    <main className="grid min-h-dvh place-items-center p-6">
      <form
        className="grid w-full max-w-xl gap-4 text-center"
        onSubmit={(e) => {
          e.preventDefault();
          void ask(code);
        }}
      >
        <h1 className="font-bold text-4xl">
          {ended ? worded("look.this-view-has-ended") : worded("look.your-own-picture")}
        </h1>
        <label className="grid gap-3 text-xl">
          {worded("look.the-six-digits")}
          <input
            className="input mx-auto h-20 w-72 text-center font-bold text-5xl tracking-widest"
            inputMode="numeric"
            autoComplete="one-time-code"
            // biome-ignore lint/a11y/noAutofocus: the one thing this screen is for
            autoFocus
            maxLength={DIGITS}
            value={code}
            disabled={busy}
            aria-invalid={problem ? true : undefined}
            onChange={(e) => {
              const digits = e.target.value.replace(/\D/g, "").slice(0, DIGITS);
              setCode(digits);
              if (digits.length === DIGITS) void ask(digits);
            }}
          />
        </label>
        <p role="alert" className="min-h-7 text-error text-lg">
          {problem}
        </p>
      </form>
    </main>
  );
}
