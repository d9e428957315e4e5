import * as THREE from "three";
import { LIGHTS, type Light } from "./lights";

/** Shared by every material, so that one change lights all of them. */
export const LIGHT = {
  lightFrom: { value: new THREE.Vector3() },
  lightFill: { value: 0 },
  lightKey: { value: 0 },
  lightTone: { value: new THREE.Vector3() },
  lightShine: { value: 0 },
};

export function shine(light: Light): void {
  const l = LIGHTS[light];
  LIGHT.lightFrom.value.fromArray(l.from).normalize();
  LIGHT.lightFill.value = l.fill;
  LIGHT.lightKey.value = l.key;
  LIGHT.lightTone.value.fromArray(l.tone);
  LIGHT.lightShine.value = l.shine;
}

shine("day");
