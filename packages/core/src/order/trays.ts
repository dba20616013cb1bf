import { exactText, type ExactText } from '../exact';
import type { Figure } from '../figure';
import type { Said } from '../words';
import { planMakings, weighedFigure, type Making } from '../scaling';
import { collect, type Collected, type Draw } from './contributions';
import type { OrderInput } from './computeOrder';

/** One thing on a tray. */
export interface TrayItem {
  readonly key: string;
  readonly item: string;
  /** The component it is for; empty for the dish's main list. */
  readonly component: string;
  /** On each tray, as a kitchen weighs it, before it is trimmed. */
  readonly figure: Figure;
  /** On how many trays of all it stands, where not on all of them. */
  readonly only: Said | null;
  /** Made ahead, by its title; empty for what is bought. */
  readonly madeAhead: string;
}

/** Equal trays: what one making of a dish is given. */
export interface Tray {
  /** One for each kind of tray. */
  readonly key: string;
  readonly dish: string;
  readonly by: Making['by'];
  /** Whose they are. */
  readonly called: Said;
  readonly count: number;
  readonly portions: ExactText;
  readonly items: readonly TrayItem[];
}

/**
 * The trays a technician weighs out: for each dish one kind of tray a kind of making, and one for each sub-preparation.
 * Amounts are as purchased, because whoever gets the tray does the trimming. Lines that are held are on no tray; the
 * order names them.
 *
 * @throws RangeError when the plan is out of range; see `planMakings`
 */
export function traysOf({ plan, dishes, preparations, substitutions = [] }: OrderInput): readonly Tray[] {
  return traysFrom(
    collect(dishes, planMakings(plan), preparations, substitutions),
    (editionId) => preparations.get(editionId)?.title ?? '',
  );
}

function traysFrom({ contributions, draws }: Collected, titleOf: (editionId: string) => string): readonly Tray[] {
  const trays = new Map<string, Omit<Tray, 'items'> & { items: TrayItem[] }>();
  const trayOf = ({ editionId, dish, making }: Pick<Draw, 'editionId' | 'dish' | 'making'>) => {
    const key = `${editionId} ${making.by}`;
    const { by, called, count } = making;
    const tray = trays.get(key) ?? { key, dish, by, called, count, portions: exactText(making.portions), items: [] };
    trays.set(key, tray);
    return tray;
  };
  for (const contribution of contributions) {
    const { line, component, making, count, each, estimate, notes, working } = contribution;
    trayOf(contribution).items.push({
      key: `${line.id} ${line.item}`,
      item: line.item,
      component,
      figure: weighedFigure(line, { working: each, estimate, notes, from: working.from!, said: working.said }),
      only: count === making.count ? null : { code: 'on-some-trays', count, of: making.count },
      madeAhead: '',
    });
  }
  for (const draw of draws) {
    const { line, component, working } = draw;
    trayOf(draw).items.push({
      key: line.id,
      item: line.item,
      component,
      figure: weighedFigure(line, { working, estimate: false, notes: [], from: working.from! }),
      only: null,
      madeAhead: titleOf(line.preparationEditionId!),
    });
  }
  return [...trays.values()];
}
