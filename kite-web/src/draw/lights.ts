import { LIGHTS } from "../api/lights";

/**
 * The lights a cut is looked at in, as the server's stills have them. Each shines from somewhere (the eye's right, up
 * and toward it), fills what it does not reach by so much, is so strong where it does, has a tone, and makes hair shine.
 */
export { LIGHTS };

export type Light = keyof typeof LIGHTS;

const IDS: readonly Light[] = ["day", "lamp", "sun", "photo"];

export const LIGHT_NAMES = IDS.map((id) => [id, LIGHTS[id].name] as const);
