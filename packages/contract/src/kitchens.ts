import Joi from 'joi';
import { EQUIPMENT_KINDS, KITCHEN_LIMITS, toolKey, type Kitchen, type KitchenOven, type KitchenTool } from '@pelvo/core';
import { shape } from './common';
import { FieldError } from './problems';

export interface StoredKitchen extends Kitchen {
  readonly id: string;
  readonly version: number;
}

const count = (min: number, max: number) => Joi.number().integer().min(min).max(max).required();
/** Degrees Celsius an oven of a kitchen can be set to. */
const heat = Joi.number().integer().min(20).max(500).required();

export const kitchenSchema = shape<Kitchen>({
  name: Joi.string().trim().min(1).max(KITCHEN_LIMITS.name).required(),
  stations: count(1, KITCHEN_LIMITS.stations),
  burnersAStation: count(0, KITCHEN_LIMITS.burners),
  stationsABlock: count(1, KITCHEN_LIMITS.block),
  ovens: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().trim().min(1).max(KITCHEN_LIMITS.name).required(),
        shelves: count(1, KITCHEN_LIMITS.shelves),
        from: heat,
        to: heat.custom((to: number, helpers) => {
          const { from } = helpers.state.ancestors[0] as { from: number };
          if (to < from) throw new FieldError(`It goes up to ${to}, but begins at ${from}.`, 'Give the lower heat first.');
          return to;
        }),
        changeMinutes: count(0, 120),
      }),
    )
    .max(KITCHEN_LIMITS.ovens)
    // A plan says "Oven A at 200": two of one name could not be told apart.
    .unique((a: KitchenOven, b: KitchenOven) => a.name.toLowerCase() === b.name.toLowerCase())
    .required(),
  equipment: Joi.object(Object.fromEntries(EQUIPMENT_KINDS.map((kind) => [kind, count(0, KITCHEN_LIMITS.equipment)]))).required(),
  tools: Joi.array()
    .items(Joi.object({ name: Joi.string().trim().min(1).max(KITCHEN_LIMITS.name).required(), count: count(0, KITCHEN_LIMITS.ofATool) }))
    .max(KITCHEN_LIMITS.tools)
    .unique((a: KitchenTool, b: KitchenTool) => toolKey(a.name) === toolKey(b.name))
    .required(),
  assessors: count(1, KITCHEN_LIMITS.assessors),
});
