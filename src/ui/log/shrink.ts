/** A photo is made no larger than this, px, and so good: enough to see a hole in a leaf, and small enough for a slow line. */
const MOST_PX = 1000;
const QUALITY = 0.7;

/**
 * A picture made small on this device, as a JPEG in base 64. It is drawn anew, so that nothing of the place where it was
 * taken is left in it.
 *
 * @returns undefined for what this device cannot read as a picture
 */
export async function shrink(file: Blob): Promise<string | undefined> {
  try {
    const picture = await createImageBitmap(file);
    const part = Math.min(1, MOST_PX / Math.max(picture.width, picture.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(picture.width * part));
    canvas.height = Math.max(1, Math.round(picture.height * part));
    canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return canvas.toDataURL("image/jpeg", QUALITY).split(",")[1];
  } catch {
    return undefined;
  }
}
