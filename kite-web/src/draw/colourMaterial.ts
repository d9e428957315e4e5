import * as THREE from "three";
import { SHADE } from "./lengthMaterial";
import { LIGHT } from "./light";

/** A colour of its own at every vertex: for what is of kinds and has no more or less. */
export function colourMaterial(): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    uniforms: { ...LIGHT },
    vertexShader: `
      attribute vec3 tone; attribute float cut; varying float shade; varying vec3 colour; varying float isCut;
      ${SHADE}
      void main() {
        shade = shadeOf(normalize(normalMatrix * normal)); colour = tone; isCut = cut;
        gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
      }`,
    fragmentShader: `
      varying float shade; varying vec3 colour; varying float isCut;
      void main() {
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
