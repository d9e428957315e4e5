import { useEffect } from "react";
import { signedInAgain, useSignedOut } from "../api/signedOut";
import type { PersonView } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { worded } from "../words/worded";
import { PasswordAndDigits } from "./PasswordAndDigits";
import { useSignIn } from "./useSignIn";

/** The session is over in the middle of the work: the password on the spot, and everything that was asked goes on. */
export function SignInAgain({ person }: { person: PersonView }) {
  const { out } = useSignedOut();
  useEffect(() => {
    useSignedOut.setState({ atWork: true });
    return () => useSignedOut.setState({ atWork: false });
  }, []);
  return out ? <Again person={person} /> : null;
}

function Again({ person }: { person: PersonView }) {
  const { submit, ...shown } = useSignIn(signedInAgain, person.signIn);
  const somebodyElse = () => location.assign("/");
  return (
    <Dialog title={worded("signInAgain.signed-out", { name: person.name })} shut={somebodyElse}>
      <p>{worded("signInAgain.nothing-is-lost")}</p>
      <form onSubmit={submit} className="grid gap-4">
        <input type="hidden" name="username" autoComplete="username" value={person.signIn} readOnly />
        <PasswordAndDigits {...shown} />
      </form>
      <button
        type="button"
        className="touch cursor-pointer justify-self-start underline"
        onClick={somebodyElse}
      >
        {worded("signInAgain.somebody-else")}
      </button>
    </Dialog>
  );
}
