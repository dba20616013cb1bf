import sharp from 'sharp';
import { PHOTO_LIMITS } from '@pelvo/contract';
import { invalid } from '../platform/problems';

const KINDS: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);

export interface CleanImage {
  readonly image: Buffer;
  readonly width: number;
  readonly height: number;
}

/**
 * A photo as it is kept: turned upright, no side over `PHOTO_LIMITS.side`, as JPEG, and without anything that says where, when or with what
 * it was taken, whatever the device did before.
 *
 * @throws ProblemException when it is no photo, or has more pixels than are taken
 */
export async function cleanImage(file: Buffer): Promise<CleanImage> {
  if (!Buffer.isBuffer(file) || file.length === 0)
    throw invalid('photo', 'There is no photo in it.', 'Take or choose one, then send it again.');
  let size: { format?: string; width?: number; height?: number };
  try {
    // The head alone: nothing is unpacked before it is known how large it becomes.
    size = await sharp(file, { limitInputPixels: false }).metadata();
  } catch {
    throw invalid('photo', 'This file is no photo.', 'Choose a JPEG, PNG or WebP.');
  }
  const { format = '', width = 0, height = 0 } = size;
  if (!KINDS.has(format)) throw invalid('photo', `A photo of the kind "${format}" is not taken.`, 'Choose a JPEG, PNG or WebP.');
  if (width * height > PHOTO_LIMITS.pixels)
    throw invalid(
      'photo',
      `It has ${Math.round((width * height) / 1e6)} megapixels; at most ${PHOTO_LIMITS.pixels / 1e6} are taken.`,
      'Choose a smaller size in the camera, or take it from within Pelvo, which makes it smaller by itself.',
    );
  try {
    // What sharp writes holds no metadata unless it is asked to.
    const { data, info } = await sharp(file, { limitInputPixels: PHOTO_LIMITS.pixels, failOn: 'error' })
      .rotate()
      .resize({ width: PHOTO_LIMITS.side, height: PHOTO_LIMITS.side, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 80, mozjpeg: false })
      .toBuffer({ resolveWithObject: true });
    return { image: data, width: info.width, height: info.height };
  } catch {
    throw invalid('photo', 'This photo is damaged.', 'Take it again, or choose another.');
  }
}
