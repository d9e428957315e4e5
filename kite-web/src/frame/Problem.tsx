/** What went wrong with the last thing tried, in the place where it was tried. */
export function Problem({ error }: { error: Error | null | undefined }) {
  if (!error) return null;
  return (
    <p role="alert" className="whitespace-pre-line border-error border-l-4 pl-3">
      {error.message}
    </p>
  );
}
