import { api, said } from "../api/http";
import type { SitDocument } from "../api/types";
import { keptDocument } from "../store/keptDocument";
import { mergePatch, narrowest } from "./mergePatch";

/** The sit-down on screen. */
export const sit = keptDocument<SitDocument>({
  url: "/api/sitdowns",
  read: (id) => said(api.GET("/api/sitdowns/{id}", { params: { path: { id } } })),
  save: (id, version, document) =>
    said(api.PUT("/api/sitdowns/{id}", { params: { path: { id } }, body: { version, document } })),
});
export const useSit = sit.use;

/** Lays a pick over the document, as one step of undo. */
export function pick(patch: Record<string, unknown>): void {
  const document = useSit.getState().document;
  if (!document) return;
  const { path, value } = narrowest(document, patch);
  sit.change(path, value);
}

/** True when the document says what a pick would set. */
export function isPicked(document: unknown, patch: unknown): boolean {
  return JSON.stringify(mergePatch(document, patch)) === JSON.stringify(document);
}
