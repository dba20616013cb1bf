import { PHOTO_LIMITS } from '@pelvo/contract';

/** More is not even opened: a tablet has little memory. */
const MOST_BYTES = 40_000_000;
const QUALITY = 0.82;

/** Why a file cannot be kept as a photo, in words for whoever chose it. */
export class NoPhoto extends Error {}

/**
 * A photo made small enough to send, turned upright. Drawing it anew leaves behind what the camera wrote into it: place, device, time.
 *
 * @throws NoPhoto when the browser cannot open it as one
 */
export async function reducePhoto(file: Blob): Promise<Blob> {
  if (file.size > MOST_BYTES)
    throw new NoPhoto(`It has ${Math.round(file.size / 1e6)} MB; at most ${MOST_BYTES / 1e6} MB can be opened here.`);
  let image: ImageBitmap;
  try {
    image = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    throw new NoPhoto('This file is no photo that can be opened here. Choose a JPEG, PNG or WebP.');
  }
  const scale = Math.min(1, PHOTO_LIMITS.side / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.width * scale));
  canvas.height = Math.max(1, Math.round(image.height * scale));
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  if (!small) throw new NoPhoto('This photo is too large for this device. Take it at a smaller size.');
  return small;
}
