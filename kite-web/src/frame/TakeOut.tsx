import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, carriedOut } from "../api/http";
import { worded } from "../words/worded";
import { Dialog } from "./Dialog";
import { PasswordAgain } from "./PasswordAgain";
import { Problem } from "./Problem";

/** A file with much of the shop in it: handed out once the password was given again. */
export function TakeOut({ href, children }: { href: string; children: string }) {
  const [asking, setAsking] = useState(false);
  const again = useMutation({
    mutationFn: (password: string) => carriedOut(api.POST("/api/session/again", { body: { password } })),
    onSuccess: () => {
      setAsking(false);
      const link = document.createElement("a");
      link.href = href;
      link.download = "";
      link.click();
    },
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    again.mutate(String(new FormData(e.currentTarget).get("password") ?? ""));
  };
  return (
    <>
      <button type="button" className="btn touch text-lg" onClick={() => setAsking(true)}>
        {children}
      </button>
      {asking && (
        <Dialog title={children} shut={() => setAsking(false)}>
          <form onSubmit={submit} className="grid gap-3" noValidate>
            <p>{worded("takeOut.it-holds-what-clients")}</p>
            <PasswordAgain />
            <Problem error={again.error} />
            <button type="submit" className="btn btn-primary touch text-lg" disabled={again.isPending}>
              {worded("takeOut.take-it-out")}
            </button>
          </form>
        </Dialog>
      )}
    </>
  );
}
