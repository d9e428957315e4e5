import { useThree } from "@react-three/fiber";
import { useEffect, useMemo, useState } from "react";
import * as THREE from "three";
import type { HeadData } from "../api/binary";
import type { Ramp } from "../api/types";
import { lengthWords, type Units } from "../store/units";
import { contourLabels, type Label } from "./contourLabels";
import { cutField } from "./cutField";
import { geometryOf, HeadStage, type Still } from "./HeadStage";
import { bandOf, lengthMaterial, SKIN, skinMaterial } from "./lengthMaterial";
import type { ViewName } from "./views";

type Props = {
  head: HeadData;
  lengths: Float32Array;
  before: Float32Array;
  ramp: Ramp;
  view: ViewName;
  viewTurn: number;
  units: Units;
  label: string;
  labelled?: boolean;
};

/** The head in three dimensions, painted with its lengths; contours at round lengths, labelled. */
export function Head3D(props: Props) {
  const { head, lengths, ramp, units } = props;
  const [labels, setLabels] = useState<Label[]>([]);
  const place: Still = (camera, size) => {
    const v = new THREE.Vector3();
    const n = new THREE.Vector3();
    const { points, normals } = head.scalp;
    const vertices = Array.from({ length: points.length / 3 }, (_, i) => {
      v.set(points[3 * i] as number, points[3 * i + 1] as number, points[3 * i + 2] as number);
      n.set(normals[3 * i] as number, normals[3 * i + 1] as number, normals[3 * i + 2] as number);
      const facing = n.dot(camera.position.clone().sub(v).normalize());
      v.project(camera);
      return { x: ((v.x + 1) / 2) * size.width, y: ((1 - v.y) / 2) * size.height, facing };
    });
    setLabels(
      contourLabels(lengths, head.scalp.triangles, vertices, ramp.levelsMm, {
        x: size.width / 2,
        y: size.height * 0.36,
      }),
    );
  };
  return (
    <div className="relative h-full w-full" data-testid="head">
      <HeadStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        onStill={place}
        instead="This browser cannot draw the head in 3D. The profiles and the printed sheet still work."
      >
        <Painted {...props} />
      </HeadStage>
      {props.labelled !== false &&
        labels.map((l) => (
          <span
            key={l.level}
            data-testid="contour-label"
            className="pointer-events-none absolute rounded-full bg-base-100/90 px-1.5 font-bold text-base-content text-sm leading-5"
            style={{ left: l.x, top: l.y, transform: "translate(-50%,-50%)" }}
          >
            {lengthWords(l.level, units)}
          </span>
        ))}
    </div>
  );
}

function Painted({ head, lengths, before, ramp }: Props) {
  const { invalidate } = useThree();
  const bust = useMemo(() => geometryOf(head.bust), [head]);
  const scalp = useMemo(() => geometryOf(head.scalp), [head]);
  const skin = useMemo(() => skinMaterial(SKIN), []);
  const paint = useMemo(() => lengthMaterial(ramp.colours), [ramp]);
  useEffect(() => () => bust.dispose(), [bust]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => skin.dispose(), [skin]);
  useEffect(() => () => paint.dispose(), [paint]);
  useEffect(() => {
    const bands = lengths.map((l) => bandOf(l, ramp.levelsMm));
    scalp.setAttribute("band", new THREE.BufferAttribute(bands, 1));
    const cut = cutField(lengths, before, head.scalp.triangles);
    scalp.setAttribute("cut", new THREE.BufferAttribute(cut, 1));
    invalidate();
  }, [scalp, head, lengths, before, ramp, invalidate]);
  return (
    <>
      <mesh geometry={bust} material={skin} />
      <mesh geometry={scalp} material={paint} />
    </>
  );
}
