import type { NewPerson } from "../api/types";
import { written } from "../frame/written";
import { worded } from "../words/worded";
/** What is asked of somebody who is to sign in. */
export function PersonFields() {
  return (
    <>
      <label className="grid gap-1 font-bold">
        {worded("common.name")}
        <input name="name" autoComplete="name" className="input touch w-full font-normal text-lg" />
      </label>
      <label className="grid gap-1 font-bold">
        {worded("personFields.signs-in-as")}
        <input
          name="signIn"
          autoCapitalize="none"
          autoComplete="username"
          className="input touch w-full font-normal text-lg"
        />
      </label>
      <label className="grid gap-1 font-bold">
        {worded("personFields.password-ten-characters-or")}
        <input
          name="password"
          type="password"
          autoComplete="new-password"
          className="input touch w-full font-normal text-lg"
        />
      </label>
      <label className="grid gap-1 font-bold">
        {worded("personFields.lengths-in")}
        <select name="units" className="select touch w-full font-normal text-lg">
          <option value="cm">{worded("personFields.centimetres")}</option>
          <option value="inch">{worded("personFields.inches")}</option>
        </select>
      </label>
    </>
  );
}

export const personOf = (f: FormData): NewPerson => ({
  name: written(f, "name"),
  signIn: written(f, "signIn").toLowerCase(),
  password: written(f, "password"),
  units: written(f, "units") === "inch" ? "inch" : "cm",
});
