import * as THREE from "three";
import { LIGHT } from "./light";

/** Skin where nothing of the client is known or meant: on painted heads. */
export const SKIN = "#dabb98";

/**
 * Skin and scalp share one light, by day a calm one: mostly from above and the front left of the eye, never black.
 * Worked out at the vertices: their triangles are small, and pixels are dear without a GPU.
 */
export const SHADE = `
  uniform vec3 lightFrom; uniform float lightFill; uniform float lightKey;
  float shadeOf(vec3 n) {
    float key = dot(n, lightFrom);
    float facing = max(n.z, 0.0);
    float shade = lightFill + lightKey * (key * 0.5 + 0.5) + 0.18 * facing;
    return shade * (0.86 + 0.14 * min(1.0, facing * 2.2));
  }`;

export function skinMaterial(skin: string): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    transparent: true,
    uniforms: { ...LIGHT, skin: { value: new THREE.Color().setStyle(skin, THREE.LinearSRGBColorSpace) } },
    vertexShader: `
      varying float shade; varying float high;
      ${SHADE}
      void main() {
        shade = shadeOf(normalize(normalMatrix * normal));
        high = position.z;
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float shade; varying float high; uniform vec3 skin; uniform vec3 lightTone;
      void main() {
        gl_FragColor = vec4(skin * lightTone * shade, clamp((high + 150.0) / 34.0, 0.0, 1.0));
      }`,
  });
}

/** Ink on the skin, #rrggbbaa: the lines of the face. */
export function inkMaterial(colour: string): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    transparent: true,
    depthWrite: false,
    polygonOffset: true,
    polygonOffsetFactor: -4,
    polygonOffsetUnits: -4,
    uniforms: {
      ink: { value: new THREE.Color().setStyle(colour.slice(0, 7), THREE.LinearSRGBColorSpace) },
      strength: { value: Number.parseInt(colour.slice(7, 9), 16) / 255 },
    },
    vertexShader: "void main() { gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }",
    fragmentShader: `
      uniform vec3 ink; uniform float strength;
      void main() { gl_FragColor = vec4(ink, strength); }`,
  });
}

/** One colour in the head's own light. */
export function solidMaterial(colour: string): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    uniforms: { ...LIGHT, colour: { value: new THREE.Color().setStyle(colour, THREE.LinearSRGBColorSpace) } },
    vertexShader: `
      varying float shade;
      ${SHADE}
      void main() {
        shade = shadeOf(normalize(normalMatrix * normal));
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float shade; uniform vec3 colour;
      void main() { gl_FragColor = vec4(colour * shade, 1.0); }`,
  });
}

/**
 * Where a length stands among the round ones: the number of its band, and how far through it. Worked out here and not
 * for every pixel.
 */
export function bandOf(lengthMm: number, levels: number[]): number {
  let band = 0;
  while (band < levels.length && lengthMm >= (levels[band] as number)) band++;
  const from = levels[band - 1] ?? 0;
  const to = levels[band] ?? from * 2;
  return band + Math.min(0.999, (lengthMm - from) / (to - from));
}

/** Length as a map: a tint between each two round lengths, a contour at each, vermilion round what the move cuts. */
export function lengthMaterial(hex: string[]): THREE.ShaderMaterial {
  const colours = hex.map((c) => new THREE.Color().setStyle(c, THREE.LinearSRGBColorSpace));
  return new THREE.ShaderMaterial({
    uniforms: { ...LIGHT, colours: { value: colours } },
    vertexShader: `
      attribute float band; attribute float cut;
      varying float shade; varying float at; varying float isCut;
      ${SHADE}
      void main() {
        shade = shadeOf(normalize(normalMatrix * normal));
        // Hair cut to a round length lies wholly in its band, whatever interpolation does to the last digit.
        at = band + 0.002;
        isCut = cut;
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float shade; varying float at; varying float isCut;
      uniform vec3 colours[${colours.length}];
      void main() {
        vec3 colour = colours[int(clamp(at, 0.0, ${colours.length - 1}.0))];
        float line = 1.0 - smoothstep(0.4, 1.1, abs(at - floor(at + 0.5)) / max(fwidth(at), 1e-5));
        colour = mix(colour, vec3(0.106, 0.141, 0.251), at > 0.5 ? 0.55 * line : 0.0);
        float edge = 1.0 - smoothstep(0.8, 1.9, abs(isCut - 0.5) / max(fwidth(isCut), 1e-4));
        colour = mix(colour, vec3(0.78, 0.20, 0.10), edge);
        gl_FragColor = vec4(colour * shade, 1.0);
      }`,
  });
}
