import type { PersonView } from "../api/types";

export type Role = PersonView["role"];

/** What each may do, as the server has it (docs/security.md). */
export const ROLES: Record<Role, { name: string; may: string }> = {
  OWNER: { name: "Owner", may: "everything, and the whole shop as a file" },
  MANAGER: { name: "Manager", may: "everything but the shop as a file and its owners" },
  STYLIST: { name: "Stylist", may: "clients, plans, the chair, the diary and the tools" },
  ASSISTANT: { name: "Assistant", may: "the diary and the tools; looks at the rest" },
  LEARNER: { name: "Learner", may: "looks, and asks what a cut would leave" },
};
