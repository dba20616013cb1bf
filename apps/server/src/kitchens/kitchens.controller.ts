import { randomUUID } from 'node:crypto';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { KITCHEN_LIMITS, type Kitchen } from '@pelvo/core';
import { KITCHEN_GUARD, type StoredKitchen } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { Allow, STAFF } from '../platform/identity';
import { conflict, document, notFound, versionOf } from '../platform/problems';
import { saveOver, storedOr } from '../platform/saving';
import { KitchenRow } from './kitchen.entity';
import { kitchenLeaves } from './kitchenLeaves';

@Controller('api/kitchens')
export class KitchensController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...STAFF)
  async list(): Promise<readonly StoredKitchen[]> {
    const rows = await this.database.manager.find(KitchenRow, { order: { name: 'ASC' }, take: KITCHEN_LIMITS.kitchens });
    return rows.map(stored);
  }

  @Post()
  @Allow('lead')
  async create(@Body(document(KITCHEN_GUARD)) body: Kitchen): Promise<StoredKitchen> {
    if ((await this.database.manager.count(KitchenRow)) >= KITCHEN_LIMITS.kitchens)
      throw conflict('name', `A school keeps at most ${KITCHEN_LIMITS.kitchens} kitchens.`, 'Take one away first.');
    await this.refuseSameName(body.name);
    const id = randomUUID();
    await this.database.manager.insert(KitchenRow, { id, name: body.name, content: body, version: 1, updatedAt: new Date() });
    return this.one(id);
  }

  @Put(':id')
  @Allow('lead')
  async save(
    @Param('id') id: string,
    @Body(document(KITCHEN_GUARD)) body: Kitchen,
    @Headers('if-match') ifMatch?: string,
  ): Promise<StoredKitchen> {
    const version = versionOf(ifMatch);
    await this.refuseSameName(body.name, id);
    const change = { name: body.name, content: body, updatedAt: new Date() };
    const saved = await inTransaction(this.database, (transaction) => saveOver(transaction, KitchenRow, { key: { id }, version, change }));
    return storedOr(
      saved,
      (now) => `"${now.name}"`,
      () => this.one(id),
    );
  }

  @Delete(':id')
  @Allow('lead')
  @HttpCode(204)
  async remove(@Param('id') id: string): Promise<void> {
    await inTransaction(this.database, async (manager) => {
      const kitchen = await manager.findOne(KitchenRow, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!kitchen) throw notFound('kitchen');
      await kitchenLeaves.happens(manager, kitchen);
      await manager.delete(KitchenRow, { id });
    });
  }

  /** Lessons say the name of their kitchen: two of one name could not be told apart. */
  private async refuseSameName(name: string, except?: string): Promise<void> {
    const same = await this.database.manager.findOneBy(KitchenRow, { name });
    if (same && same.id !== except) throw conflict('name', `There is a kitchen "${same.name}" already.`, 'Give it another name.');
  }

  private async one(id: string): Promise<StoredKitchen> {
    const row = await this.database.manager.findOneBy(KitchenRow, { id });
    if (!row) throw notFound('kitchen');
    return stored(row);
  }
}

const stored = ({ id, version, content }: KitchenRow): StoredKitchen => ({ id, version, ...content });
