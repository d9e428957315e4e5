import * as THREE from "three";
import { SHADE } from "./lengthMaterial";
import { LIGHT } from "./light";

type Part = { x: number; fromY: number } | undefined;

/** Where hair parts, far away when it does not. */
const partOf = (part: Part) => new THREE.Vector2(part?.x ?? 1e6, part?.fromY ?? 1e6);

/**
 * Hair as ribbons that turn to the eye, each drawn as many hairs by its pixels, or, where the machine is quick, each
 * strand several times over, a little apart. Lit across the strand (Kajiya and Kay 1989), darker toward the root.
 */
export function hairMaterial(
  pigmented: string,
  white: string,
  greyShare: number,
  apartMm: number,
  lengths: string,
  rootsMm: number,
  part: Part,
): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    side: THREE.DoubleSide,
    uniforms: {
      ...LIGHT,
      hair: { value: new THREE.Color().setStyle(pigmented, THREE.LinearSRGBColorSpace) },
      white: { value: new THREE.Color().setStyle(white, THREE.LinearSRGBColorSpace) },
      grey: { value: greyShare },
      lengths: { value: new THREE.Color().setStyle(lengths, THREE.LinearSRGBColorSpace) },
      roots: { value: rootsMm },
      part: { value: partOf(part) },
      halfWidth: { value: 2.4 },
      apart: { value: apartMm },
      hairs: { value: 7 },
    },
    vertexShader: `
      attribute vec3 next; attribute vec4 info; attribute vec4 child;
      varying vec3 tangent; varying vec3 out3; varying vec2 at; varying float tone; varying float seed; varying float len;
      varying float bright;
      uniform float halfWidth; uniform float apart; uniform vec2 part;
      void main() {
        // Beside a part no hair lies over the roots.
        float aside = (position.x - part.x) / 9.0;
        bright = position.y > part.y ? exp(-aside * aside) : 0.0;
        float side = info.x; float along = info.y; len = info.w;
        seed = fract(info.z * 7.13 + child.w * 3.7);
        tone = 0.88 + 0.24 * fract(seed * 91.7);
        vec3 outward = normalize(position - vec3(0.0, -8.0, 36.0));
        vec3 off = child.xyz - outward * dot(child.xyz, outward);
        vec3 p = position + off * apart * (1.0 - 0.2 * along);
        vec4 eye = modelViewMatrix * vec4(p, 1.0);
        tangent = normalize(mat3(modelViewMatrix) * (next - position));
        out3 = normalize(normalMatrix * outward);
        vec3 across = normalize(cross(tangent, normalize(-eye.xyz)));
        float taper = 1.0 - 0.35 * along;
        eye.xyz += across * side * halfWidth * taper * min(1.0, 0.35 + len / 14.0);
        at = vec2(side, along);
        gl_Position = projectionMatrix * eye;
      }`,
    fragmentShader: `
      varying vec3 tangent; varying vec3 out3; varying vec2 at; varying float tone; varying float seed; varying float len;
      uniform vec3 hair; uniform vec3 white; uniform float grey; uniform float hairs;
      uniform vec3 lengths; uniform float roots; varying float bright;
      uniform vec3 lightFrom; uniform vec3 lightTone; uniform float lightFill; uniform float lightKey;
      uniform float lightShine;
      float noise(float x) { return fract(sin(x * 78.233 + seed * 37.7) * 43758.5453); }
      void main() {
        float which = floor((at.x * 0.5 + 0.5) * hairs);
        float n = noise(which + 1.0);
        if (at.y > 1.0 - 0.22 * n) discard;
        if (n < 0.16 && at.y > 0.2) discard;
        vec3 l = lightFrom;
        vec3 h = normalize(l + vec3(0.0, 0.0, 1.0));
        vec3 t = normalize(tangent);
        float tl = dot(t, l); float th = dot(t, h);
        float diffuse = sqrt(max(0.0, 1.0 - tl * tl));
        float gloss = pow(max(0.0, 1.0 - th * th), 20.0);
        float lit = dot(out3, l);
        float turned = lightFill - 0.2 + (lightKey + 0.1) * max(0.0, 0.5 + 0.5 * lit) + 0.2 * max(0.0, out3.z);
        float deep = 0.62 + 0.38 * min(1.0, at.y * len / min(24.0, 4.0 + 0.5 * len));
        deep += bright * (1.0 - deep);
        float own = tone * (0.85 + 0.30 * n);
        float grown = roots * (0.85 + 0.3 * noise(which + 5.0));
        // What is drawn as one hair stands for several, of which some are white.
        vec3 own3 = mix(hair, white, noise(which + 9.0) < grey ? 0.4 + 0.6 * grey : 0.4 * grey);
        vec3 base = mix(own3, lengths, smoothstep(grown - 4.0, grown + 4.0, at.y * len));
        vec3 c = base * own * turned * deep * (0.5 + 0.75 * diffuse) * 1.22
               + vec3(0.20 * (0.3 + 0.7 * min(1.0, len / 40.0)) * lightShine * gloss * turned * own * max(0.15, lit));
        gl_FragColor = vec4(c * lightTone, 1.0);
      }`,
  });
}

/** The same hair while it turns on a slow machine: wider ribbons, one colour to a hair, lit at their points alone. */
export function movingHairMaterial(colour: string): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    side: THREE.DoubleSide,
    uniforms: {
      ...LIGHT,
      hair: { value: new THREE.Color().setStyle(colour, THREE.LinearSRGBColorSpace) },
      halfWidth: { value: 5 },
    },
    vertexShader: `
      attribute vec3 next; attribute vec4 info;
      varying vec3 c;
      uniform float halfWidth; uniform vec3 hair;
      uniform vec3 lightFrom; uniform vec3 lightTone; uniform float lightFill; uniform float lightKey;
      uniform float lightShine;
      void main() {
        float along = info.y; float len = info.w;
        float own = (0.88 + 0.24 * fract(info.z * 91.7)) * (0.85 + 0.3 * fract(info.z * 37.7));
        vec3 outward = normalize(position - vec3(0.0, -8.0, 36.0));
        vec4 eye = modelViewMatrix * vec4(position, 1.0);
        vec3 t = normalize(mat3(modelViewMatrix) * (next - position));
        vec3 o = normalize(normalMatrix * outward);
        vec3 l = lightFrom;
        vec3 h = normalize(l + vec3(0.0, 0.0, 1.0));
        float lit = dot(o, l);
        float turned = lightFill - 0.2 + (lightKey + 0.1) * max(0.0, 0.5 + 0.5 * lit) + 0.2 * max(0.0, o.z);
        float deep = 0.62 + 0.38 * min(1.0, along * len / min(24.0, 4.0 + 0.5 * len));
        float diffuse = sqrt(max(0.0, 1.0 - dot(t, l) * dot(t, l)));
        float gloss = pow(max(0.0, 1.0 - dot(t, h) * dot(t, h)), 20.0);
        c = hair * own * turned * deep * (0.5 + 0.75 * diffuse) * 1.22
          + vec3(0.20 * (0.3 + 0.7 * min(1.0, len / 40.0)) * lightShine * gloss * turned * own * max(0.15, lit));
        c *= lightTone;
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
export function rootsMaterial(skin: string, hair: string, part?: Part): THREE.ShaderMaterial {
  const linear = (c: string) => new THREE.Color().setStyle(c, THREE.LinearSRGBColorSpace);
  return new THREE.ShaderMaterial({
    uniforms: {
      ...LIGHT,
      skin: { value: linear(skin) },
      hair: { value: linear(hair) },
      part: { value: partOf(part) },
    },
    vertexShader: `
      attribute float cover; varying float covered; varying vec3 n; varying vec3 at;
      void main() {
        covered = cover; n = normalMatrix * normal; at = position;
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float covered; varying vec3 n; varying vec3 at; uniform vec3 skin; uniform vec3 hair;
      uniform vec2 part; uniform vec3 lightTone;
      ${SHADE}
      void main() {
        // Fine stubble: each hair's breadth a little darker or lighter, most where half the skin is hidden.
        vec3 cell = floor(at / 0.8);
        float speck = fract(sin(dot(cell, vec3(12.9898, 78.233, 37.719))) * 43758.5453) - 0.5;
        float shown = clamp(covered + speck * covered * (1.0 - covered) * 1.1, 0.0, 1.0);
        shown *= 1.0 - 0.85 * smoothstep(0.0, 14.0, at.y - part.y) * (1.0 - smoothstep(1.5, 3.2, abs(at.x - part.x)));
        gl_FragColor = vec4(mix(skin, hair * 0.8, shown) * lightTone * shadeOf(normalize(n)), 1.0);
      }`,
  });
}
