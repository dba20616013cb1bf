import { Body, Controller, Get, Headers, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import type { DishContent } from '@pelvo/core';
import {
  archivedSchema,
  dishContentSchema,
  pageQuerySchema,
  recipeTextSchema,
  type Dish,
  type DishEdition,
  type DishSummary,
  type Page,
  type PageQuery,
  type RecipeText,
} from '@pelvo/contract';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { joi, versionOf } from '../platform/problems';
import { DishesService } from './dishes.service';

@Controller('api')
export class DishesController {
  constructor(private readonly dishes: DishesService) {}

  @Get('dishes')
  @Allow(...STAFF)
  list(@Query(joi(pageQuerySchema)) query: PageQuery): Promise<Page<DishSummary>> {
    return this.dishes.list(query, false);
  }

  @Get('archived-dishes')
  @Allow('lead')
  listArchived(@Query(joi(pageQuerySchema)) query: PageQuery): Promise<Page<DishSummary>> {
    return this.dishes.list(query, true);
  }

  @Post('dishes')
  @Allow('lead')
  create(@Body(joi(dishContentSchema)) body: DishContent): Promise<Dish> {
    return this.dishes.create(body);
  }

  @Post('recipe-readings')
  @Allow('lead')
  @HttpCode(200)
  read(@Body(joi(recipeTextSchema)) body: RecipeText): Promise<DishContent> {
    return this.dishes.read(body.text);
  }

  @Get('dishes/:id')
  @Allow(...STAFF)
  one(@Param('id') id: string): Promise<Dish> {
    return this.dishes.one(id);
  }

  @Put('dishes/:id')
  @Allow('lead')
  save(@Param('id') id: string, @Body(joi(dishContentSchema)) body: DishContent, @Headers('if-match') ifMatch?: string): Promise<Dish> {
    return this.dishes.save(id, body, versionOf(ifMatch));
  }

  @Put('dishes/:id/archived')
  @Allow('lead')
  archive(@Param('id') id: string, @Body(joi(archivedSchema)) body: { archived: boolean }): Promise<Dish> {
    return this.dishes.archive(id, body.archived);
  }

  @Post('dishes/:id/editions')
  @Allow('lead')
  publish(@Param('id') id: string, @Who() who: SignedIn, @Headers('if-match') ifMatch?: string): Promise<DishEdition> {
    return this.dishes.publish(id, versionOf(ifMatch), who.id);
  }

  @Get('dish-editions/:id')
  @Allow(...STAFF)
  edition(@Param('id') id: string): Promise<DishEdition> {
    return this.dishes.edition(id);
  }
}
