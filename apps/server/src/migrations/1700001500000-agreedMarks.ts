import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What those who marked differently agree on stands beside what each of them said. */
export class AgreedMarks1700001500000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `ALTER TABLE mark ADD agreed TINYINT(1) NOT NULL DEFAULT 0 AFTER assessor_id,
         DROP PRIMARY KEY, ADD PRIMARY KEY (assessment_id, criterion_key, assessor_id, agreed), ADD KEY mark_agreed (agreed)`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM mark WHERE agreed');
    await runner.query(
      'ALTER TABLE mark DROP KEY mark_agreed, DROP PRIMARY KEY, ADD PRIMARY KEY (assessment_id, criterion_key, assessor_id), DROP agreed',
    );
  }
}
