import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { QRCodeSVG } from "qrcode.react";
import { type FormEvent, useState } from "react";
import { api, carriedOut, said } from "../api/http";
import { PasswordAgain } from "../frame/PasswordAgain";
import { Problem } from "../frame/Problem";
import { worded } from "../words/worded";

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
      <h2 className="font-bold text-xl">{worded("secondFactor.digits-beside-your-password")}</h2>
      {codes.length > 0 && (
        <div role="status" className="border-warning border-l-4 bg-base-200 p-3">
          <p className="font-bold">{worded("secondFactor.write-these-down-now")}</p>
          <p>{worded("secondFactor.each-signs-you-in")}</p>
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
          <p>{worded("secondFactor.let-an-authenticator-on")}</p>
          <div className="w-fit bg-white p-4">
            <QRCodeSVG value={offer.uri} size={180} title={worded("secondFactor.the-secret-for-an")} />
          </div>
          <p className="break-all font-mono">{offer.secret.match(/.{1,4}/g)?.join(" ")}</p>
          <label className="grid gap-1 font-bold">
            {worded("secondFactor.the-six-digits-it")}
            <input
              name="code"
              inputMode="numeric"
              autoComplete="one-time-code"
              className="input touch w-full text-lg"
            />
          </label>
          <Problem error={begin.error} />
          <button type="submit" className="btn btn-primary touch text-lg" disabled={begin.isPending}>
            {worded("secondFactor.ask-for-them-from")}
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
              ? worded("secondFactor.they-are-asked-when")
              : worded("secondFactor.with-them-who-knows")}
          </p>
          <PasswordAgain />
          <Problem error={is.data.on ? off.error : ask.error} />
          <button type="submit" className="btn touch text-lg" disabled={ask.isPending || off.isPending}>
            {is.data.on ? worded("secondFactor.ask-for-them-no") : worded("secondFactor.set-them-up")}
          </button>
        </form>
      )}
    </section>
  );
}
