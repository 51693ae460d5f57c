import type { GridPicture, SeatPicture } from "../api/client";

/** Dark to bright, each stop brighter than the one before: it reads without its hues as well. */
const stops: readonly (readonly [at: number, red: number, green: number, blue: number])[] = [
  [0, 17, 19, 26],
  [50, 34, 44, 84],
  [100, 40, 96, 122],
  [125, 72, 142, 118],
  [150, 156, 178, 92],
  [185, 238, 214, 112],
  [255, 255, 252, 236],
];

/** More, alike, less: orange to blue through grey, brighter to both ends. */
const apart: typeof stops = [
  [1, 96, 168, 224],
  [100, 58, 82, 108],
  [128, 40, 42, 44],
  [156, 118, 82, 40],
  [255, 244, 176, 84],
];

const between = (of: typeof stops, value: number): readonly [number, number, number] => {
  const next = of.findIndex(([at]) => at >= value);
  const high = of[next < 0 ? of.length - 1 : next] ?? [0, 0, 0, 0];
  const low = of[Math.max(0, next - 1)] ?? high;
  const part = high[0] === low[0] ? 0 : (value - low[0]) / (high[0] - low[0]);
  const mix = (i: 1 | 2 | 3) => low[i] + (high[i] - low[i]) * Math.min(1, Math.max(0, part));
  return [mix(1), mix(2), mix(3)];
};

const table = (of: typeof stops) => Array.from({ length: 256 }, (_, value) => between(of, value));

export const luxColours = table(stops);
export const apartColours = table(apart);

/** Bytes as they came in an answer. */
export const bytesOf = (text: string) => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));

/** A plan with the front to the left and the right side up, a pixel a square. */
export function drawGrid(
  canvas: HTMLCanvasElement,
  grid: GridPicture,
  colours: readonly (readonly [number, number, number])[],
) {
  const { rows, columns } = grid;
  const bytes = bytesOf(grid.bytes);
  paint(canvas, rows, columns, (x, y) => {
    const at = (rows - 1 - x) * columns + (columns - 1 - y);
    return colours[bytes[at] ?? 0] ?? [0, 0, 0];
  });
}

/** What is seen: sky, road, its marks, verge, wall, the vehicle itself. */
const tints: readonly (readonly [number, number, number])[] = [
  [0.1, 0.12, 0.2],
  [1, 0.97, 0.9],
  [1, 1, 1],
  [0.82, 0.95, 0.7],
  [1, 0.94, 0.84],
  [0.8, 0.9, 0.95],
];

/** A picture from a seat or a camera. */
export function drawSeat(canvas: HTMLCanvasElement, picture: SeatPicture) {
  const luminance = bytesOf(picture.luminance);
  const kinds = bytesOf(picture.kinds);
  paint(canvas, picture.columns, picture.rows, (x, y) => {
    const at = y * picture.columns + x;
    const kind = kinds[at] ?? 0;
    const bright = kind === 0 ? 0.12 : Math.min(1, Math.max(0.03, ((luminance[at] ?? 0) - 25) / 175));
    const [red, green, blue] = tints[kind] ?? [1, 1, 1];
    return [255 * bright * red, 255 * bright * green, 255 * bright * blue];
  });
}

function paint(
  canvas: HTMLCanvasElement,
  width: number,
  height: number,
  colour: (x: number, y: number) => readonly [number, number, number],
) {
  canvas.width = width;
  canvas.height = height;
  const brush = canvas.getContext("2d");
  if (!brush) return;
  const image = brush.createImageData(width, height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [red, green, blue] = colour(x, y);
      image.data.set([red, green, blue, 255], (y * width + x) * 4);
    }
  brush.putImageData(image, 0, 0);
}
