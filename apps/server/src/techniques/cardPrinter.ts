import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { TechniqueWithUse } from '@pelvo/contract';
import { pagesOf, renderPdf } from '../platform/pdf';
import { loadChoices } from '../practices';
import { CutSetRow } from '../cuts';
import { cardDocument } from './cardDocument';
import { loadPrerequisites } from './prerequisites';
import { Technique } from './technique.entity';

/** From the size the house prints in, down to the smallest that is read at arm's length, that at last with everything closer together. */
const SIZES: readonly { readonly size: number; readonly close?: boolean }[] = [
  ...[10, 9.4, 8.8, 8.2, 7.6, 7].map((size) => ({ size })),
  { size: 7, close: true },
];

/** Prints a card on one page: in the largest type that fits. */
@Injectable()
export class CardPrinter {
  constructor(private readonly database: DataSource) {}

  async print(technique: TechniqueWithUse, paper: 'A4' | 'LETTER', hand: 'left' | 'right' = 'right'): Promise<Buffer> {
    const { manager } = this.database;
    const [choices, prerequisites] = await Promise.all([loadChoices(manager), loadPrerequisites(manager)]);
    const needed = prerequisites.get(technique.id) ?? [];
    const names = new Map(
      needed.length > 0 ? (await manager.find(Technique, { select: { id: true, name: true } })).map(({ id, name }) => [id, name]) : [],
    );
    const cutSet = choices['named-cuts'] ? await manager.findOneBy(CutSetRow, { id: choices['named-cuts'] }) : null;
    let pdf: Buffer = Buffer.alloc(0);
    for (const fit of SIZES) {
      pdf = await renderPdf(
        cardDocument(technique, {
          ...fit,
          choices,
          hand,
          cutSet: cutSet?.content ?? null,
          before: needed.flatMap((id) => names.get(id) ?? []),
        }),
        paper,
      );
      if (pagesOf(pdf) === 1) break;
    }
    return pdf;
  }
}
