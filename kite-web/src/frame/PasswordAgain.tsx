/** One's own password once more, as a part of a form. */
import { worded } from "../words/worded";

export function PasswordAgain() {
  return (
    <label className="grid gap-1 font-bold">
      {worded("passwordAgain.your-password-once-more")}
      <input
        name="password"
        type="password"
        autoComplete="current-password"
        className="input touch w-full text-lg"
      />
    </label>
  );
}
