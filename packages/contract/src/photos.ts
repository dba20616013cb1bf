import Joi from 'joi';
import { idSchema } from './common';

/** What of a photo is taken, and as what it is kept. */
export const PHOTO_LIMITS = {
  /** No side is kept longer, in pixels: enough to see a rim on a tablet. */
  side: 1600,
  /** More are refused before anything is unpacked. */
  pixels: 40_000_000,
  aPlate: 4,
} as const;

/** A photo of a plate, without its image. */
export interface PlatePhoto {
  readonly id: string;
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly takenAt: string;
  /** Who took it. */
  readonly by: string;
}

/** Of which plate a photo is, and when it was taken by the device's clock. */
export interface PhotoOf {
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly at: string;
}

export const photoOfSchema = Joi.object<PhotoOf>({
  studentId: idSchema.required(),
  dishEditionId: idSchema.required(),
  at: Joi.string().isoDate().max(40).required(),
});
