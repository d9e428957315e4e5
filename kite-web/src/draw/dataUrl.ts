/** A picture's address that holds the picture itself: nothing to give back, nothing that can be given back too soon. */
export async function dataUrl(png: Blob): Promise<string> {
  const bytes = new Uint8Array(await png.arrayBuffer());
  return `data:image/png;base64,${btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(""))}`;
}
