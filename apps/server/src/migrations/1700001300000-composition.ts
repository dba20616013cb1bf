import type { MigrationInterface, QueryRunner } from 'typeorm';

const WAS = [
  ['asymmetric', { 'plate-count': 'odd', 'plate-place': 'off-centre', 'plate-regularity': 'free' }],
  ['ordered', { 'plate-count': 'any', 'plate-place': 'centred', 'plate-regularity': 'ordered' }],
] as const;

/** How a plate is composed was one matter on which teachers differ, and becomes three: number, place and regularity. */
export class Composition1700001300000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const [was, becomes] of WAS)
      for (const [matter, practice] of Object.entries(becomes))
        await runner.query(
          `INSERT INTO practice_choice (matter, practice, version)
           SELECT ?, ?, 1 FROM practice_choice WHERE matter = 'composition' AND practice = ?`,
          [matter, practice, was],
        );
    await runner.query("DELETE FROM practice_choice WHERE matter = 'composition'");
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [was, became] of WAS)
      await runner.query(
        `INSERT INTO practice_choice (matter, practice, version)
         SELECT 'composition', ?, 1 FROM practice_choice WHERE matter = 'plate-place' AND practice = ?`,
        [was, became['plate-place']],
      );
    await runner.query("DELETE FROM practice_choice WHERE matter LIKE 'plate-%'");
  }
}
