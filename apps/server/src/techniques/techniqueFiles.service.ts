import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import { nameKey, techniqueFile, techniqueMarkdown, type PortableTechnique } from '@pelvo/core';
import { TECHNIQUES_LIMIT, type FieldProblem, type TechniqueImport } from '@pelvo/contract';
import { apart } from '../platform/apart';
import { inTransaction } from '../platform/database/transaction';
import { notFound, ProblemException, takesTooLong } from '../platform/problems';
import { loadPrerequisites, writePrerequisites } from './prerequisites';
import { Technique } from './technique.entity';
import type { readTechniques } from './readTechniques';
import { TechniquesService } from './techniques.service';

const readApart = apart<typeof readTechniques>('readTechniques', { milliseconds: 10_000, late: takesTooLong });

export type TechniqueFormat = 'json' | 'markdown';

/** Techniques in and out of open formats. */
@Injectable()
export class TechniqueFilesService {
  constructor(
    private readonly database: DataSource,
    private readonly techniques: TechniquesService,
  ) {}

  /** Some techniques, or all of the school where none is named, as a file. */
  async export(ids: readonly string[], format: TechniqueFormat): Promise<{ title: string; text: string }> {
    const portable = await this.portable(ids);
    const title = portable.length === 1 ? portable[0]!.name : 'techniques';
    return { title, text: format === 'json' ? techniqueFile(portable) : techniqueMarkdown(portable) };
  }

  private async portable(ids: readonly string[]): Promise<readonly PortableTechnique[]> {
    const { manager } = this.database;
    const [rows, prerequisites, all] = await Promise.all([
      manager.find(Technique, {
        where: ids.length > 0 ? { id: In([...ids]) } : { archived: false },
        order: { strand: 'ASC', position: 'ASC' },
        take: TECHNIQUES_LIMIT,
      }),
      loadPrerequisites(manager),
      manager.find(Technique, { select: { id: true, name: true }, take: TECHNIQUES_LIMIT }),
    ]);
    if (ids.length > 0 && rows.length < ids.length) throw notFound('technique');
    const names = new Map(all.map(({ id, name }) => [id, name]));
    return rows.map(({ id, card }) => ({
      ...card,
      prerequisites: (prerequisites.get(id) ?? []).map((each) => names.get(each)!),
    }));
  }

  /** Shows what a file would do, or, with `apply`, does all of it in one transaction. */
  async import(bytes: Uint8Array, apply: boolean): Promise<TechniqueImport> {
    const reading = await readApart(bytes);
    if (reading.kind === 'refused') throw new ProblemException('invalid-input', { errors: [...reading.errors] });
    const { manager } = this.database;
    const stored = await manager.find(Technique, { take: TECHNIQUES_LIMIT });
    const byName = new Map(stored.map((row) => [nameKey(row.name), row]));
    const current = new Map(
      (stored.length > 0 ? await this.portable(stored.map(({ id }) => id)) : []).map((card) => [nameKey(card.name), card]),
    );
    const seen = new Set<string>();
    const inFile = new Set(reading.techniques.map(({ card }) => nameKey(String(card.name))));
    const checked = reading.techniques.map(({ card, fits, problems: found }) => {
      const key = nameKey(String(card.name));
      const problems: FieldProblem[] = [...found];
      if (seen.has(key)) problems.push({ field: 'name', problem: `"${card.name}" stands in the file twice.`, remedy: 'Keep one.' });
      seen.add(key);
      if (fits)
        for (const name of card.prerequisites)
          if (!byName.has(nameKey(name)) && !inFile.has(nameKey(name)))
            problems.push({
              field: 'prerequisites',
              problem: `There is no technique "${name}", here or in the file.`,
              remedy: 'Bring it in too, or take it out.',
            });
      const before = current.get(key);
      const state = !before ? ('new' as const) : same(before, card) ? ('same' as const) : ('replaces' as const);
      return { card, key, problems, state };
    });
    const answer = (made: number, replaced: number): TechniqueImport => ({
      techniques: checked.map(({ card, state, problems }) => ({ name: String(card.name).slice(0, 120), state, problems })),
      leftOut: reading.leftOut.slice(0, 100),
      made,
      replaced,
    });
    if (!apply) return answer(0, 0);
    const errors = checked.flatMap(({ card, problems }) => problems.map((found) => ({ ...found, field: `${card.name}, ${found.field}` })));
    if (errors.length > 0) throw new ProblemException('invalid-input', { detail: 'Nothing was imported.', errors: errors.slice(0, 50) });
    const fresh = checked.filter(({ state }) => state === 'new');
    const replaced = checked.filter(({ state }) => state === 'replaces');
    await inTransaction(this.database, async (transaction) => {
      const made = await this.techniques.insert(
        transaction,
        fresh.map(({ card }) => card),
      );
      const ids = new Map([...byName].map(([key, row]) => [key, row.id]));
      fresh.forEach(({ key }, index) => ids.set(key, made[index]!));
      for (const { key, card } of replaced) {
        const row = byName.get(key)!;
        if (!(await this.techniques.replace(transaction, row.id, card, row.version)))
          throw new ProblemException('changed-meanwhile', {
            detail: `"${row.name}" was saved meanwhile. Nothing was imported; try again.`,
          });
      }
      await writePrerequisites(
        transaction,
        new Map([...fresh, ...replaced].map(({ key, card }) => [ids.get(key)!, card.prerequisites.map((name) => ids.get(nameKey(name))!)])),
      );
    });
    return answer(fresh.length, replaced.length);
  }
}

/** Whether two cards say the same, whatever the order of their fields. */
const same = (a: PortableTechnique, b: PortableTechnique) => sorted(a) === sorted(b);

function sorted(value: unknown): string {
  return JSON.stringify(value, (_, each: unknown) =>
    typeof each === 'object' && each !== null && !Array.isArray(each)
      ? Object.fromEntries(Object.entries(each).sort(([a], [b]) => (a < b ? -1 : 1)))
      : each,
  );
}
