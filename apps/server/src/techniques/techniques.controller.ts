import { Controller, Get, Param } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { Technique as TechniqueAnswer, TechniqueWithUse } from '@pelvo/contract';
import { Dish } from '../dishes/dish.entity';
import { Allow, STAFF } from '../platform/identity';
import { notFound } from '../platform/problems';
import { Technique } from './technique.entity';

const LIST_LIMIT = 500;

@Controller('api/techniques')
export class TechniquesController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...STAFF)
  async list(): Promise<readonly TechniqueAnswer[]> {
    const rows = await this.database.manager.find(Technique, { order: { strand: 'ASC', position: 'ASC', name: 'ASC' }, take: LIST_LIMIT });
    return rows.map(({ id, card }) => ({ id, ...card }));
  }

  @Get(':id')
  @Allow(...STAFF)
  async one(@Param('id') id: string): Promise<TechniqueWithUse> {
    const row = await this.database.manager.findOneBy(Technique, { id });
    if (!row) throw notFound('technique');
    const dishes: { id: string; title: string }[] = await this.database.manager
      .createQueryBuilder(Dish, 'dish')
      .select(['dish.id AS id', 'dish.title AS title'])
      .where("dish.archived = FALSE AND JSON_SEARCH(dish.content, 'one', :id, NULL, '$.method[*].techniqueIds') IS NOT NULL", { id })
      .orderBy('dish.title')
      .limit(LIST_LIMIT)
      .getRawMany();
    return { id: row.id, ...row.card, dishes };
  }
}
