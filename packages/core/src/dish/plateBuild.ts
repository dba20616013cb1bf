import { exact, type Exact } from '../exact';
import { conversion, figure, given, least, measure, quotient, rounding, type Figure, type Measure, type Working } from '../figure';
import { inUnit, unitOf, type Amount, type UnitCode } from '../quantity';
import type { Said } from '../words';
import type { Component, DishContent, PlateItem } from './types';

/** What a component allows, and what is left of it when the scarcest component is used up. */
export interface PlateShare {
  readonly componentId: string;
  readonly name: string;
  readonly onPlate: Amount;
  /** Plates one making of it serves; null when it does not say what it gives, or in another kind of unit. */
  readonly plates: Measure | null;
  readonly left: Measure | null;
  readonly because: Said | null;
}

export interface PlateBuild {
  /** Plates one making gives, or null when no component says enough. */
  readonly portions: Figure | null;
  /** Names of the components that limit them. */
  readonly limitedBy: readonly string[];
  readonly shares: readonly PlateShare[];
}

/** The lowest a making of the component gave, by what it says and by what past makings really gave. */
function lowest(gives: Amount, gave: readonly string[]): Working {
  return least([gives.min, ...gave].map((value) => given(measure(value, gives.unit))));
}

/** Plates with their working, or why they cannot be said. Not one of two in a union: what may be said are hundreds, and slow to check. */
interface Plates {
  readonly plates: Working | null;
  readonly because: Said | null;
}

const notSaid = (because: Said): Plates => ({ plates: null, because });

/** Whole plates that a making of the component serves, with the working. */
function platesOf({ gives, gave }: Component, { amount }: PlateItem): Plates {
  if (!gives) return notSaid({ code: 'says-no-yield' });
  if (exact(amount.max).compare(0) <= 0) return notSaid({ code: 'nothing-on-plate' });
  const each = given(measure(amount.max, amount.unit), { said: { code: 'a-plate' } });
  const [from, to] = [unitOf(gives.unit).dimension, unitOf(amount.unit).dimension];
  if (gives.unit !== amount.unit && (from !== to || from === 'count'))
    return notSaid({ code: 'other-kind-of-unit', gives: measure(gives.max, gives.unit), takes: measure(amount.max, amount.unit) });
  const all = lowest(gives, gave);
  const served = quotient(gives.unit === amount.unit ? all : inUnitOf(all, gives.unit, amount.unit), each, 'plate');
  return { plates: rounding(served, exact(served.value.value).floor(), 'down', measure(1, 'plate')), because: null };
}

const inUnitOf = (working: Working, from: UnitCode, to: UnitCode): Working =>
  conversion(working, measure(inUnit({ value: exact(working.value.value), unit: from }, to).value, to));

/** Plates that one making of a dish gives by its plate build, which component limits them, and what is left of the others. */
export function plateBuild(dish: DishContent): PlateBuild {
  const components = new Map(dish.components.map((component) => [component.id, component]));
  const entries = dish.plate.flatMap((item) => {
    const component = components.get(item.componentId);
    return component ? [{ item, component, ...platesOf(component, item) }] : [];
  });
  const counted = entries.flatMap(({ item, component, plates }) => (plates ? [{ item, component, plates }] : []));
  const values = counted.map(({ plates }) => exact(plates.value.value));
  const fewest = values.length > 0 ? values.reduce((low, value) => (value.compare(low) < 0 ? value : low)) : null;
  const shares = entries.map(({ item, component, plates, because }): PlateShare => ({
    componentId: component.id,
    name: component.name,
    onPlate: item.amount,
    plates: plates?.value ?? null,
    left: plates && fewest ? leftOf(component.gives!, component.gave, item, fewest) : null,
    because,
  }));
  if (!fewest) return { portions: null, limitedBy: [], shares };
  const limits = (plates: Working) => exact(plates.value.value).equals(fewest);
  const limiting = counted.filter(({ plates }) => limits(plates));
  const scarcest = limiting.map(({ component, plates }) => ({
    ...plates,
    from: { kind: 'component', componentId: component.id, name: component.name } as const,
  }));
  return {
    limitedBy: limiting.map(({ component }) => component.name),
    shares,
    portions: figure({ code: 'plates-figure' }, scarcest.length === 1 ? scarcest[0]! : least(scarcest), {
      estimate: limiting.some(({ component }) => component.gives!.min !== component.gives!.max || component.gave.length > 0),
      notes: counted
        .filter(({ plates }) => !limits(plates))
        .map(({ component, plates }) => ({ code: 'would-be-enough', name: component.name || 'Main list', plates: plates.value.value })),
    }),
  };
}

function leftOf(gives: Amount, gave: readonly string[], { amount }: PlateItem, plates: Exact): Measure {
  const used = exact(amount.max).mul(plates);
  const inGiven = gives.unit === amount.unit ? used : inUnit({ value: used, unit: amount.unit }, gives.unit).value;
  return measure(exact(lowest(gives, gave).value.value).sub(inGiven), gives.unit);
}
