import { exactText, type ExactText } from '../exact';
import { figure, labelled, type Figure } from '../figure';
import { text, words, type Said } from '../words';
import { allergensOf, SHIPPED_BOOK, type FactBook, type KnownAllergens } from '../ingredients';
import { planMakings, type Making } from '../scaling';
import { dishAllergens } from '../lesson/dishAllergens';
import type { DishContent } from '../dish/types';
import { collect, type Collected, type Contribution, type Draw } from './contributions';
import type { OrderInput } from './computeOrder';
import { givenOut } from './givenOut';
import { isPiece, pieceGroups, trayOf } from './pieces';

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
  /** What is wanted of it, as its lines say: "finely diced". */
  readonly preparation: string;
  /** Made ahead, by its title; empty for what is bought. */
  readonly madeAhead: string;
  readonly allergens: KnownAllergens;
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

/** What whoever weighs out has to know of an amount. */
const ON_A_TRAY: ReadonlySet<Said['code']> = new Set([
  'cut-from-shared',
  'measured-out',
  'about-weight',
  'for-parts',
  'needs-scale',
  'wanted-on',
]);

/** The notes of an amount that belong on its tray; the others are for whoever orders. */
export const notesOnTray = ({ figure: { notes } }: Pick<TrayItem, 'figure'>): readonly Said[] =>
  notes.filter(({ code }) => ON_A_TRAY.has(code));

/**
 * The trays a technician weighs out: for each dish one kind of tray a kind of making, and one for each sub-preparation.
 * Amounts are as purchased, because whoever gets the tray does the trimming. Lines that are held are on no tray; the
 * order names them. What lies on all trays together is never more than the order buys.
 *
 * @throws RangeError when the plan is out of range; see `planMakings`
 */
export function traysOf({ plan, dishes, preparations, book = SHIPPED_BOOK, substitutions = [] }: OrderInput): readonly Tray[] {
  return traysFrom(collect(dishes, planMakings(plan), preparations, { substitutions, book }), preparations, book);
}

function traysFrom({ contributions, draws }: Collected, preparations: ReadonlyMap<string, DishContent>, book: FactBook): readonly Tray[] {
  const trays = new Map<string, Omit<Tray, 'items'> & { items: (TrayItem & { readonly order: number })[] }>();
  const placeOf = new Map<string, number>();
  [...contributions, ...draws].forEach(({ line }, index) => placeOf.set(line.id, placeOf.get(line.id) ?? index));
  const put = ({ editionId, dish, making, line }: Pick<Draw, 'editionId' | 'dish' | 'making' | 'line'>, item: Omit<TrayItem, 'key'>) => {
    const key = trayOf({ editionId, making });
    const { by, called, count } = making;
    const tray = trays.get(key) ?? { key, dish, by, called, count, portions: exactText(making.portions), items: [] };
    trays.set(key, tray);
    tray.items.push({ ...item, key: `${line.id} ${item.item} ${item.only ? tray.items.length : ''}`.trim(), order: placeOf.get(line.id)! });
  };
  const onlySome = ({ from, to }: { from: number; to: number }, { making }: Contribution | Draw): Said | null =>
    to - from === making.count ? null : { code: 'on-some-trays', count: to - from, of: making.count };

  const groups = pieceGroups(contributions.filter(isPiece), book).map((group) => ({ item: group.item, pieces: group.onTrays() }));
  const asPieces = new Set(groups.flatMap(({ pieces }) => pieces.flatMap(({ lines }) => lines)));
  for (const contribution of contributions) {
    // Pieces lie on a tray together; juice alone is measured.
    if (asPieces.has(contribution)) continue;
    const { line, component, each, estimate, notes, reference, called } = contribution;
    const { working, scale } = givenOut(
      labelled(each, { from: reference, said: called, by: { code: 'scaling', kind: line.scaling.kind } }),
      line.item,
      book,
    );
    put(contribution, {
      item: line.item,
      component,
      figure: figure(text(line.item), working, { estimate, notes: scale ? [...notes, scale] : notes }),
      only: onlySome(contribution, contribution),
      preparation: wanted([contribution]),
      madeAhead: '',
      allergens: allergensOf(line.item, book),
    });
  }
  for (const group of groups)
    for (const piece of group.pieces) {
      const of = piece.lines[0]!;
      const item = of.part && of.part.use !== 'flesh' ? group.item : of.line.item;
      put(of, {
        item,
        component: componentsOf(piece.lines),
        figure: piece.figure,
        only: onlySome(piece, of),
        preparation: wanted(piece.lines),
        madeAhead: '',
        allergens: allergensOf(item, book),
      });
    }
  for (const draw of draws) {
    const { line, component, working } = draw;
    const content = preparations.get(line.preparationEditionId!);
    put(draw, {
      item: line.item,
      component,
      figure: figure(
        text(line.item),
        givenOut(labelled(working, { from: working.from, by: { code: 'scaling', kind: line.scaling.kind } }), line.item, book).working,
      ),
      only: onlySome(draw, draw),
      preparation: wanted([draw]),
      madeAhead: content?.title ?? '',
      allergens: content ? allergensOfMade(content, preparations, book) : allergensOf(line.item, book),
    });
  }
  return [...trays.values()].map(({ items, ...tray }) => ({
    ...tray,
    items: [...items].sort((a, b) => a.order - b.order).map(({ order: _order, ...item }) => item),
  }));
}

/** What lines want done to what lies on a tray, each once. */
const wanted = (lines: readonly Pick<Draw, 'line'>[]): string =>
  [...new Set(lines.map(({ line }) => line.preparation.trim()).filter(Boolean))].join('; ');

/** The components that pieces are for; the main list is named only beside others. */
function componentsOf(lines: readonly Contribution[]): string {
  const names = [...new Set(lines.map(({ component }) => component))];
  return names.length > 1 ? names.map((name) => name || words({ code: 'main-list' }).toLowerCase()).join(', ') : names[0]!;
}

/** What is made in-house holds what its formula holds. */
function allergensOfMade(content: DishContent, preparations: ReadonlyMap<string, DishContent>, book: FactBook): KnownAllergens {
  const { contains, mayContain, notKnown, labels } = dishAllergens([content], { preparations, book });
  return {
    known: notKnown.length > 0 || labels.length > 0 ? 'partly known' : 'known',
    allergens: contains.map(({ allergen }) => allergen),
    mayContain: mayContain.map(({ allergen }) => allergen),
    notKnown,
    labels,
  };
}
