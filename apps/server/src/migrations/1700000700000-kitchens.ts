import type { MigrationInterface, QueryRunner } from 'typeorm';

const UP = [
  `CREATE TABLE kitchen (
    id CHAR(36) NOT NULL PRIMARY KEY,
    name VARCHAR(80) NOT NULL,
    content JSON NOT NULL,
    version INT NOT NULL,
    updated_at DATETIME NOT NULL,
    UNIQUE KEY kitchen_name (name)
  )`,
];

/** The kitchens of a school. */
export class Kitchens1700000700000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE kitchen');
  }
}
