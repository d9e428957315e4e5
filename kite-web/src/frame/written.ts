/** What stands in a field of a form; nothing where it is empty or not there. */
export const written = (form: FormData, name: string): string => {
  const value = form.get(name);
  return typeof value === "string" ? value : "";
};
