import * as THREE from "three";
import { MOST_KINDS } from "./kinds";
import { SHADE } from "./lengthMaterial";
import { LIGHT } from "./light";

/** For what is of kinds and has no more or less: each pixel has the colour of the kind there is most of. */
export function colourMaterial(): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    uniforms: { ...LIGHT, colours: { value: Array.from({ length: MOST_KINDS }, () => new THREE.Color()) } },
    vertexShader: `
      attribute vec4 kindsA; attribute vec4 kindsB; attribute float cut;
      varying float shade; varying vec4 a; varying vec4 b; varying float isCut;
      ${SHADE}
      void main() {
        shade = shadeOf(normalize(normalMatrix * normal)); a = kindsA; b = kindsB; isCut = cut;
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float shade; varying vec4 a; varying vec4 b; varying float isCut;
      uniform vec3 colours[${MOST_KINDS}];
      void main() {
        float most = -1.0; vec3 colour = vec3(0.0);
        float shares[${MOST_KINDS}] = float[](a.x, a.y, a.z, a.w, b.x, b.y, b.z, b.w);
        for (int k = 0; k < ${MOST_KINDS}; k++) {
          if (shares[k] > most) { most = shares[k]; colour = colours[k]; }
        }
        float edge = 1.0 - smoothstep(0.8, 1.9, abs(isCut - 0.5) / max(fwidth(isCut), 1e-4));
        gl_FragColor = vec4(mix(colour, vec3(0.106, 0.141, 0.251), edge) * shade, 1.0);
      }`,
  });
}

/** The shape the hair had, seen through: dark only where the eye grazes it. */
export function xrayMaterial(colour: string): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    transparent: true,
    depthWrite: false,
    depthTest: false,
    side: THREE.FrontSide,
    uniforms: { ink: { value: new THREE.Color().setStyle(colour, THREE.LinearSRGBColorSpace) } },
    vertexShader: `
      attribute float before; varying vec3 n; varying vec3 eye;
      void main() {
        vec4 at = modelViewMatrix * vec4(position + normal * before, 1.0);
        n = normalMatrix * normal; eye = -at.xyz;
        gl_Position = projectionMatrix * at;
      }`,
    fragmentShader: `
      varying vec3 n; varying vec3 eye; uniform vec3 ink;
      void main() {
        float graze = 1.0 - abs(dot(normalize(n), normalize(eye)));
        gl_FragColor = vec4(ink, 0.75 * smoothstep(0.72, 0.97, graze));
      }`,
  });
}
