import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { QRCodeSVG } from "qrcode.react";
import { type FormEvent, useState } from "react";
import { api, carriedOut, said } from "../api/http";
import { PasswordAgain } from "../frame/PasswordAgain";
import { Problem } from "../frame/Problem";

type Offer = { secret: string; uri: string };

const given = (e: FormEvent<HTMLFormElement>, name: string) => {
  e.preventDefault();
  return String(new FormData(e.currentTarget).get(name) ?? "");
};

/** Six digits beside the password: set up with an authenticator, and taken off again. */
export function SecondFactor() {
  const queries = useQueryClient();
  const is = useQuery({ queryKey: ["second"], queryFn: () => said(api.GET("/api/session/second")) });
  const [offer, setOffer] = useState<Offer | null>(null);
  const [codes, setCodes] = useState<string[]>([]);
  const changed = () => queries.invalidateQueries({ queryKey: ["second"] });
  const ask = useMutation({
    mutationFn: (password: string) => said(api.POST("/api/session/second", { body: { password } })),
    onSuccess: setOffer,
  });
  const begin = useMutation({
    mutationFn: (code: string) => said(api.PUT("/api/session/second", { body: { code } })),
    onSuccess: (r) => {
      setOffer(null);
      setCodes(r.codes);
      return changed();
    },
  });
  const off = useMutation({
    mutationFn: (password: string) => carriedOut(api.POST("/api/session/second/off", { body: { password } })),
    onSuccess: () => {
      setCodes([]);
      return changed();
    },
  });
  if (!is.data) return <Problem error={is.error} />;
  return (
    <section className="grid max-w-md content-start gap-3 border-base-300 border-t pt-4">
      <h2 className="font-bold text-xl">Digits beside your password</h2>
      {codes.length > 0 && (
        <div role="status" className="border-warning border-l-4 bg-base-200 p-3">
          <p className="font-bold">Write these down now; they are not shown again.</p>
          <p>Each signs you in once when your authenticator is lost.</p>
          <ul className="mt-2 grid grid-cols-2 gap-x-6 font-mono text-lg">
            {codes.map((c) => (
              <li key={c}>
                {c.slice(0, 5)} {c.slice(5)}
              </li>
            ))}
          </ul>
        </div>
      )}
      {offer ? (
        <form onSubmit={(e) => begin.mutate(given(e, "code"))} className="grid gap-3" noValidate>
          <p>Let an authenticator on your own phone read this, or type the secret into it.</p>
          <div className="w-fit bg-white p-4">
            <QRCodeSVG value={offer.uri} size={180} title="The secret, for an authenticator's camera" />
          </div>
          <p className="break-all font-mono">{offer.secret.match(/.{1,4}/g)?.join(" ")}</p>
          <label className="grid gap-1 font-bold">
            The six digits it shows
            <input
              name="code"
              inputMode="numeric"
              autoComplete="one-time-code"
              className="input touch w-full text-lg"
            />
          </label>
          <Problem error={begin.error} />
          <button type="submit" className="btn btn-primary touch text-lg" disabled={begin.isPending}>
            Ask for them from now on
          </button>
        </form>
      ) : (
        <form
          key={String(is.data.on)}
          onSubmit={(e) => (is.data.on ? off : ask).mutate(given(e, "password"))}
          className="grid gap-3"
          noValidate
        >
          <p>
            {is.data.on
              ? "They are asked when you sign in. Who knows your password alone does not come in."
              : "With them, who knows your password alone does not come in. They come from an authenticator on your own phone."}
          </p>
          <PasswordAgain />
          <Problem error={is.data.on ? off.error : ask.error} />
          <button type="submit" className="btn touch text-lg" disabled={ask.isPending || off.isPending}>
            {is.data.on ? "Ask for them no more" : "Set them up"}
          </button>
        </form>
      )}
    </section>
  );
}
