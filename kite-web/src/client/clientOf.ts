import type { NewClient } from "../api/types";
import { written } from "../frame/written";

/** What a form says of a client. */
export const clientOf = (form: FormData): NewClient => ({
  name: written(form, "name"),
  phone: written(form, "phone"),
  email: written(form, "email"),
  note: written(form, "note"),
});
