/** Pixels along the longer side of a photo as it is kept: a label can still be read. */
const LONGEST = 1600;
const QUALITY = 0.8;

/**
 * A photo as it is kept: upright, no larger than it need be, and without what the camera wrote into
 * the file, such as where it was taken.
 *
 * Throws an Error in words when the file is no picture that this browser can read.
 */
export async function shrunk(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error('That is no picture this browser can read.');
  });
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) =>
        blob ? resolve(blob) : reject(new Error('The picture could not be made smaller.')),
      'image/jpeg',
      QUALITY,
    );
  });
}
