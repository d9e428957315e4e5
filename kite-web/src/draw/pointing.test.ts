import { describe, expect, it, vi } from "vitest";

vi.mock("@react-three/fiber", () => ({ events: () => ({ priority: 1 }) }));

const { pointing, touchIn } = await import("./pointing");

describe("a touch on a head", () => {
  it("counts from the middle of its frame", () => {
    const box = { left: 100, top: 50, width: 400, height: 200 };
    expect(touchIn(box, { clientX: 300, clientY: 150 })).toEqual([0, 0]);
    expect(touchIn(box, { clientX: 100, clientY: 50 })).toEqual([-1, 1]);
    expect(touchIn(box, { clientX: 500, clientY: 250 })).toEqual([1, -1]);
  });

  it("lies under the finger also while the canvas is stretched", () => {
    const frame = document.createElement("div");
    const canvas = document.createElement("canvas");
    frame.append(canvas);
    frame.getBoundingClientRect = () => new DOMRect(10, 20, 300, 300);
    canvas.getBoundingClientRect = () => new DOMRect(10, -130, 450, 450);
    const pointer = { set: vi.fn() };
    const state = { gl: { domElement: canvas }, pointer, camera: {}, raycaster: { setFromCamera: vi.fn() } };
    const compute = pointing({} as never).compute as (e: unknown, s: unknown) => void;
    compute({ clientX: 85, clientY: 95, offsetX: 50, offsetY: 150 }, state);
    expect(pointer.set).toHaveBeenCalledWith(-0.5, 0.5);
  });
});
