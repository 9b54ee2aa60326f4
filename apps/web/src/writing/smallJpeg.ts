/** So long is the longer side of a photo that is kept, in px; and how much of its detail. */
const longest = 1200;
const quality = 0.7;

/**
 * A photo made small enough to be sent, drawn anew: nothing of what stood beside the picture goes with it.
 * @returns base64; null for what is no picture
 */
export async function smallJpeg(file: Blob): Promise<string | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  const scale = Math.min(1, longest / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', quality).split(',')[1]!;
}
