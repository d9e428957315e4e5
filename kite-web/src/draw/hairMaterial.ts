import * as THREE from "three";
import { DRAWING } from "../api/drawing";
import type { HairInk } from "../api/types";
import { SHADE } from "./lengthMaterial";
import { LIGHT } from "./light";

/** Where skin is seen between hairs: where hair parts, and in lines pressed to the skin. */
export type Bared = Pick<HairInk, "part" | "pressed">;

/** Of the head, as shaders are told it, mm. */
const MIDDLE = "vec3(0.0, -8.0, 36.0)";

/** What shaders are told of it: the part, far away where there is none, and the pieces of all lines. */
function baredOf({ part, pressed = [] }: Bared) {
  const pieces = pressed.flatMap((l) =>
    Array.from({ length: l.xyzMm.length / 3 - 1 }, (_, k) => ({
      from: new THREE.Vector3().fromArray(l.xyzMm, 3 * k),
      to: new THREE.Vector3().fromArray(l.xyzMm, 3 * k + 3),
      wide: new THREE.Vector2(l.widthMm / 2, l.showsShare),
    })),
  );
  return {
    uniforms: {
      part: { value: new THREE.Vector2(part?.x ?? 1e6, part?.fromY ?? 1e6) },
      lineFrom: { value: pieces.map((p) => p.from) },
      lineTo: { value: pieces.map((p) => p.to) },
      lineWide: { value: pieces.map((p) => p.wide) },
    },
    defines: { PIECES: pieces.length, MIDDLE },
  };
}

/** How far a place is off the edge of the nearest line as seen from outside, and how much that line shows. */
const OFF_LINE = `
      uniform vec2 part;
      #if PIECES > 0
      uniform vec3 lineFrom[PIECES]; uniform vec3 lineTo[PIECES]; uniform vec2 lineWide[PIECES];
      #endif
      vec2 offLine(vec3 p, vec3 out3) {
        vec2 best = vec2(1e6, 0.0);
        #if PIECES > 0
        for (int k = 0; k < PIECES; k++) {
          vec3 along = lineTo[k] - lineFrom[k];
          vec3 to = p - lineFrom[k];
          vec3 across = to - along * clamp(dot(to, along) / dot(along, along), 0.0, 1.0);
          float off = length(across - out3 * dot(across, out3)) - lineWide[k].x;
          if (off < best.x) best = vec2(off, lineWide[k].y);
        }
        #endif
        return best;
      }`;

/** The light on a hair at a place of it: across the strand (Kajiya and Kay 1989), less near the root. */
const ON_HAIR = `
      uniform vec3 lightFrom; uniform vec3 lightTone; uniform float lightFill; uniform float lightKey;
      uniform float lightShine;
      vec3 onHair(vec3 base, float own, vec3 t, vec3 o, float along, float len, float bright) {
        vec3 l = lightFrom;
        vec3 h = normalize(l + vec3(0.0, 0.0, 1.0));
        float tl = dot(t, l); float th = dot(t, h);
        float lit = dot(o, l);
        float turned = lightFill - 0.2 + (lightKey + 0.1) * max(0.0, 0.5 + 0.5 * lit) + 0.2 * max(0.0, o.z);
        // Light hair lets light through, so that it is darker neither at its roots nor along the light.
        float dark = 1.0 - ${DRAWING.lightThrough} * (base.r + base.g + base.b) / 3.0;
        float deep = 1.0 - 0.38 * dark * (1.0 - bright) * (1.0 - min(1.0, along * len / min(24.0, 4.0 + 0.5 * len)));
        float diffuse = 1.25 - 0.75 * dark * (1.0 - sqrt(max(0.0, 1.0 - tl * tl)));
        float gloss = pow(max(0.0, 1.0 - th * th), 20.0);
        float lies = 0.3 + 0.7 * min(1.0, len / 40.0);
        return lightTone * (base * own * turned * deep * diffuse * 1.22
          + vec3(0.20 * lies * lightShine * gloss * turned * own * max(0.15, lit)));
      }`;

/**
 * Hair as ribbons that turn to the eye, each drawn as many hairs by its pixels, or, where the machine is quick, each
 * strand several times over, a little apart.
 */
export function hairMaterial(
  pigmented: string,
  white: string,
  greyShare: number,
  apartMm: number,
  lengths: string,
  rootsMm: number,
  bared: Bared,
): THREE.ShaderMaterial {
  const { uniforms, defines } = baredOf(bared);
  return new THREE.ShaderMaterial({
    side: THREE.DoubleSide,
    defines,
    uniforms: {
      ...LIGHT,
      ...uniforms,
      hair: { value: new THREE.Color().setStyle(pigmented, THREE.LinearSRGBColorSpace) },
      white: { value: new THREE.Color().setStyle(white, THREE.LinearSRGBColorSpace) },
      grey: { value: greyShare },
      lengths: { value: new THREE.Color().setStyle(lengths, THREE.LinearSRGBColorSpace) },
      roots: { value: rootsMm },
      halfWidth: { value: 2.4 },
      apart: { value: apartMm },
      hairs: { value: 7 },
    },
    vertexShader: `
      attribute vec3 next; attribute vec4 info; attribute vec4 child;
      varying vec3 tangent; varying vec3 out3; varying vec2 at; varying float tone; varying float seed; varying float len;
      varying float bright; varying float line;
      uniform float halfWidth; uniform float apart;
      ${OFF_LINE}
      void main() {
        // Beside a part or a line no hair lies over the roots, and none of theirs stands across it.
        line = offLine(position, normalize(position - MIDDLE)).x;
        float off = min(position.y > part.y ? abs(position.x - part.x) : 1e6, max(0.0, line));
        bright = exp(-off * off / 81.0);
        float room = min(apart, max(0.4, off - 1.2));
        float side = info.x; float along = info.y; len = info.w;
        seed = fract(info.z * 7.13 + child.w * 3.7);
        tone = 0.88 + 0.24 * fract(seed * 91.7);
        vec3 outward = normalize(position - MIDDLE);
        vec3 away = child.xyz - outward * dot(child.xyz, outward);
        vec3 p = position + away * room * (1.0 - 0.2 * along);
        vec4 eye = modelViewMatrix * vec4(p, 1.0);
        tangent = normalize(mat3(modelViewMatrix) * (next - position));
        out3 = normalize(normalMatrix * outward);
        vec3 across = normalize(cross(tangent, normalize(-eye.xyz)));
        float taper = 1.0 - 0.35 * along;
        eye.xyz += across * side * min(halfWidth, 0.3 + 0.7 * max(0.0, line)) * taper * min(1.0, 0.35 + len / 14.0);
        at = vec2(side, along);
        gl_Position = projectionMatrix * eye;
      }`,
    fragmentShader: `
      varying vec3 tangent; varying vec3 out3; varying vec2 at; varying float tone; varying float seed; varying float len;
      uniform vec3 hair; uniform vec3 white; uniform float grey; uniform float hairs;
      uniform vec3 lengths; uniform float roots; varying float bright; varying float line;
      ${ON_HAIR}
      float noise(float x) { return fract(sin(x * 78.233 + seed * 37.7) * 43758.5453); }
      void main() {
        float which = floor((at.x * 0.5 + 0.5) * hairs);
        float n = noise(which + 1.0);
        if (at.y > 1.0 - 0.22 * n) discard;
        if (n < 0.16 && at.y > 0.2) discard;
        // The trimmer takes what short hair leans over its line.
        if (line < 0.0 && len < 16.0) discard;
        float own = tone * (0.85 + 0.30 * n);
        float grown = roots * (0.85 + 0.3 * noise(which + 5.0));
        // What is drawn as one hair stands for several, of which some are white.
        vec3 own3 = mix(hair, white, noise(which + 9.0) < grey ? 0.4 + 0.6 * grey : 0.4 * grey);
        vec3 base = mix(own3, lengths, smoothstep(grown - 4.0, grown + 4.0, at.y * len));
        gl_FragColor = vec4(onHair(base, own, normalize(tangent), out3, at.y, len, bright), 1.0);
      }`,
  });
}

/** The same hair while it turns on a slow machine: wider ribbons, one colour to a hair, lit at their points alone. */
export function movingHairMaterial(colour: string): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    side: THREE.DoubleSide,
    defines: { MIDDLE },
    uniforms: {
      ...LIGHT,
      hair: { value: new THREE.Color().setStyle(colour, THREE.LinearSRGBColorSpace) },
      halfWidth: { value: 5 },
    },
    vertexShader: `
      attribute vec3 next; attribute vec4 info;
      varying vec3 c;
      uniform float halfWidth; uniform vec3 hair;
      ${ON_HAIR}
      void main() {
        float along = info.y; float len = info.w;
        float own = (0.88 + 0.24 * fract(info.z * 91.7)) * (0.85 + 0.3 * fract(info.z * 37.7));
        vec3 outward = normalize(position - MIDDLE);
        vec4 eye = modelViewMatrix * vec4(position, 1.0);
        vec3 t = normalize(mat3(modelViewMatrix) * (next - position));
        vec3 o = normalize(normalMatrix * outward);
        c = onHair(hair, own, t, o, along, len, 0.0);
        vec3 across = normalize(cross(t, normalize(-eye.xyz)));
        eye.xyz += across * info.x * halfWidth * (1.0 - 0.6 * along) * min(1.0, 0.35 + len / 14.0);
        gl_Position = projectionMatrix * eye;
      }`,
    fragmentShader: `
      varying vec3 c;
      void main() { gl_FragColor = vec4(c, 1.0); }`,
  });
}

/** The skin hair grows on: the more it is covered the more it takes the hair's colour. */
export function rootsMaterial(
  skin: string,
  hair: string,
  bared: Bared = { pressed: [] },
): THREE.ShaderMaterial {
  const linear = (c: string) => new THREE.Color().setStyle(c, THREE.LinearSRGBColorSpace);
  const { uniforms, defines } = baredOf(bared);
  return new THREE.ShaderMaterial({
    defines,
    uniforms: {
      ...LIGHT,
      ...uniforms,
      skin: { value: linear(skin) },
      hair: { value: linear(hair) },
    },
    vertexShader: `
      attribute float cover; varying float covered; varying vec3 n; varying vec3 at;
      void main() {
        covered = cover; n = normalMatrix * normal; at = position;
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float covered; varying vec3 n; varying vec3 at; uniform vec3 skin; uniform vec3 hair;
      uniform vec3 lightTone;
      ${SHADE}
      ${OFF_LINE}
      void main() {
        // Fine stubble: each hair's breadth a little darker or lighter, most where half the skin is hidden.
        vec3 cell = floor(at / 0.8);
        float speck = fract(sin(dot(cell, vec3(12.9898, 78.233, 37.719))) * 43758.5453) - 0.5;
        float shown = clamp(covered + speck * covered * (1.0 - covered) * 1.1, 0.0, 1.0);
        shown *= 1.0 - 0.85 * smoothstep(0.0, 14.0, at.y - part.y) * (1.0 - smoothstep(1.5, 3.2, abs(at.x - part.x)));
        vec2 line = offLine(at, normalize(at - MIDDLE));
        shown *= 1.0 - line.y * (1.0 - smoothstep(0.0, 0.5, line.x));
        gl_FragColor = vec4(mix(skin, hair * 0.8, shown) * lightTone * shadeOf(normalize(n)), 1.0);
      }`,
  });
}
