import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Put } from '@nestjs/common';
import type { IngredientFact } from '@pelvo/core';
import { FACT_GUARD, type IngredientRecord } from '@pelvo/contract';
import { Allow, STAFF } from '../platform/identity';
import { document, versionOf } from '../platform/problems';
import { IngredientsService } from './ingredients.service';

@Controller('api/ingredients')
export class IngredientsController {
  constructor(private readonly ingredients: IngredientsService) {}

  @Get()
  @Allow(...STAFF)
  list(): Promise<readonly IngredientRecord[]> {
    return this.ingredients.list();
  }

  @Put(':name')
  @Allow('lead')
  save(
    @Param('name') name: string,
    @Body(document(FACT_GUARD)) body: IngredientFact,
    @Headers('if-match') ifMatch?: string,
  ): Promise<IngredientRecord> {
    return this.ingredients.save(name, body, versionOf(ifMatch));
  }

  @Delete(':name')
  @Allow('lead')
  @HttpCode(204)
  remove(@Param('name') name: string): Promise<void> {
    return this.ingredients.remove(name);
  }
}
