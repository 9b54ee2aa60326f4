/** Segments of a JPEG that say nothing of the picture: APP1 to APP15 (Exif, places, makers’ notes) and comments. */
const isAside = (marker: number): boolean => (marker >= 0xe1 && marker <= 0xef) || marker === 0xfe;
const [startOfImage, startOfScan] = [0xffd8, 0xda];

/**
 * A JPEG (ITU-T T.81) without what is told beside the picture: where it was taken, when, and with what.
 * @returns null for what is no JPEG
 */
export function stripped(jpeg: Buffer): Buffer | null {
  if (jpeg.length < 4 || jpeg.readUInt16BE(0) !== startOfImage) return null;
  const kept: Buffer[] = [jpeg.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= jpeg.length) {
    if (jpeg[at] !== 0xff) return null;
    const marker = jpeg[at + 1]!;
    // From here on there is nothing but the picture.
    if (marker === startOfScan) return Buffer.concat([...kept, jpeg.subarray(at)]);
    const end = at + 2 + jpeg.readUInt16BE(at + 2);
    if (end > jpeg.length) return null;
    if (!isAside(marker)) kept.push(jpeg.subarray(at, end));
    at = end;
  }
  return null;
}
