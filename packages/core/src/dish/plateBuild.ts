import { exact, exactText, showFraction, sum, type Exact } from '../exact';
import type { Figure } from '../figure';
import { inUnit, showAmount, showQuantity, unitOf, type Quantity } from '../quantity';
import type { Component, DishContent, PlateItem } from './types';

/** What a component allows, and what is left of it when the scarcest component is used up. */
export interface PlateShare {
  readonly componentId: string;
  readonly name: string;
  readonly onPlate: string;
  /** Plates one making of it serves; null when it does not say what it gives, or in another kind of unit. */
  readonly plates: string | null;
  readonly left: string | null;
  readonly because: string | null;
}

export interface PlateBuild {
  /** Plates one making gives, or null when no component says enough. */
  readonly portions: Figure | null;
  /** Names of the components that limit them. */
  readonly limitedBy: readonly string[];
  readonly shares: readonly PlateShare[];
}

/** The lowest a making of the component gave, by what it says and by what past makings really gave. */
function lowest(component: Component): Exact | null {
  if (!component.gives) return null;
  return [component.gives.min, ...(component.gave ?? [])].map(exact).reduce((low, value) => (value.compare(low) < 0 ? value : low));
}

function platesOf(component: Component, item: PlateItem): Exact | string {
  const gives = component.gives;
  const least = lowest(component);
  if (!gives || !least) return 'it does not say what one making gives';
  const each = exact(item.amount.max);
  if (each.compare(0) <= 0) return 'nothing of it goes on the plate';
  if (gives.unit === item.amount.unit) return least.div(each).floor();
  const [from, to] = [unitOf(gives.unit).dimension, unitOf(item.amount.unit).dimension];
  if (from !== to || from === 'count') return `it gives ${showAmount(gives)}, the plate takes ${showAmount(item.amount)}`;
  return inUnit({ value: least, unit: gives.unit }, item.amount.unit).value.div(each).floor();
}

/** Plates that one making of a dish gives by its plate build, which component limits them, and what is left of the others. */
export function plateBuild(dish: DishContent): PlateBuild {
  const components = new Map(dish.components.map((component) => [component.id, component]));
  const entries = (dish.plate ?? []).flatMap((item) => {
    const component = components.get(item.componentId);
    return component ? [{ item, component, plates: platesOf(component, item) }] : [];
  });
  const counted = entries.flatMap((entry) => (typeof entry.plates === 'string' ? [] : [{ ...entry, plates: entry.plates }]));
  const fewest =
    counted.length > 0 ? counted.reduce((low, { plates }) => (plates.compare(low) < 0 ? plates : low), counted[0]!.plates) : null;
  const shares = entries.map(({ item, component, plates }): PlateShare => {
    const isKnown = typeof plates !== 'string';
    return {
      componentId: component.id,
      name: component.name || 'Main list',
      onPlate: showAmount(item.amount),
      plates: isKnown ? showFraction(plates) : null,
      left: isKnown && fewest ? showQuantity(leftOf(component, item, fewest)) : null,
      because: isKnown ? null : plates,
    };
  });
  if (!fewest) return { portions: null, limitedBy: [], shares };
  const limiting = counted.filter(({ plates }) => plates.equals(fewest));
  return {
    limitedBy: limiting.map(({ component }) => component.name || 'Main list'),
    shares,
    portions: {
      label: 'Plates one making gives',
      shown: showFraction(fewest),
      exact: exactText(fewest),
      value: exactText(fewest),
      unit: null,
      parts: [
        {
          from: limiting.map(({ component }) => component.name || 'Main list').join(', '),
          how: limiting
            .map(({ component, item }) => `${showAmount(component.gives!)} ÷ ${showAmount(item.amount)} a plate, whole plates`)
            .join('; '),
          value: exactText(sum([fewest])),
          shown: showFraction(fewest),
        },
      ],
      rounding: null,
      estimate: limiting.some(({ component }) => component.gives!.min !== component.gives!.max || (component.gave?.length ?? 0) > 0),
      notes: counted
        .filter(({ plates }) => !plates.equals(fewest))
        .map(({ component, plates }) => `${component.name || 'Main list'} would be enough for ${showFraction(plates)}`),
    },
  };
}

function leftOf(component: Component, item: PlateItem, plates: Exact): Quantity {
  const used = exact(item.amount.max).mul(plates);
  const least = lowest(component)!;
  const unit = component.gives!.unit;
  const inGiven = unit === item.amount.unit ? used : inUnit({ value: used, unit: item.amount.unit }, unit).value;
  return { value: least.sub(inGiven), unit };
}
