import { exact, type Exact } from '../exact';
import { conversion, isKitchenUnit, measure, rounding, type Working } from '../figure';
import { isExacting, type FactBook } from '../ingredients';
import { KITCHEN_SCALE, roundForKitchen, unitOf, type UnitCode } from '../quantity';
import type { Said } from '../words';

export interface GivenOut {
  /** As it is weighed or measured out. */
  readonly working: Working;
  /** The same before it was rounded, where rounding takes less; what is bought for it is never less than is needed. */
  readonly bought: Working;
  /** The scale it takes, where a kitchen's is too coarse. */
  readonly scale: Said | null;
}

/** An amount in the steps a kitchen weighs and measures in; what must not be rounded freely, in finer ones. */
export function givenOut(working: Working, item: string, book: FactBook): GivenOut {
  const { unit } = working.value;
  if (!isKitchenUnit(unit)) throw new RangeError(`Nothing is weighed out in ${unit}`);
  const { quantity, step, before } = roundForKitchen({ value: exact(working.value.value), unit }, isExacting(item, book));
  const inStep = quantity.unit === unit ? working : conversion(working, measure(before, quantity.unit));
  const scale = needsScale(quantity.unit, step, before);
  const change = quantity.value.compare(before);
  if (change === 0) return { working: inStep, bought: inStep, scale };
  const rounded = rounding(inStep, quantity.value, 'nearest', measure(step, quantity.unit));
  return { working: rounded, bought: change > 0 ? rounded : inStep, scale };
}

function needsScale(unit: UnitCode, step: Exact, value: Exact): Said | null {
  const { dimension, byEye } = unitOf(unit);
  if (dimension !== 'mass' || byEye || step.compare(KITCHEN_SCALE) >= 0 || value.compare(0) <= 0) return null;
  return { code: 'needs-scale', step: measure(step, unit) };
}
