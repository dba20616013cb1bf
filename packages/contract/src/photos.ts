import Joi from 'joi';
import { idSchema } from './common';

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
