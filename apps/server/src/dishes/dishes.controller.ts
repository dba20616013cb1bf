import { Body, Controller, Get, Headers, HttpCode, Param, Post, Put, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import type { DishContent } from '@pelvo/core';
import {
  ID_PATTERN,
  archivedSchema,
  DISH_GUARD,
  dishQuerySchema,
  handoutQuerySchema,
  recipeTextSchema,
  type Dish,
  type DishEdition,
  type DishSummary,
  type Page,
  type DishImport,
  type DishQuery,
  type HandoutQuery,
  type RecipeText,
} from '@pelvo/contract';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { download, fileName } from '../platform/pdf';
import { document, invalid, joi, versionOf } from '../platform/problems';
import { DishImportService } from './dishImport.service';
import { DishesService } from './dishes.service';

@Controller('api')
export class DishesController {
  constructor(
    private readonly dishes: DishesService,
    private readonly files: DishImportService,
  ) {}

  @Get('dishes')
  @Allow(...STAFF)
  list(@Query(joi(dishQuerySchema)) query: DishQuery): Promise<Page<DishSummary>> {
    return this.dishes.list(query, false);
  }

  @Get('archived-dishes')
  @Allow('lead')
  listArchived(@Query(joi(dishQuerySchema)) query: DishQuery): Promise<Page<DishSummary>> {
    return this.dishes.list(query, true);
  }

  @Post('dishes')
  @Allow('lead')
  create(@Body(document(DISH_GUARD)) body: DishContent): Promise<Dish> {
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
  save(@Param('id') id: string, @Body(document(DISH_GUARD)) body: DishContent, @Headers('if-match') ifMatch?: string): Promise<Dish> {
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

  @Get('dish-editions/:id/handout.pdf')
  @Allow(...STAFF)
  async handout(@Param('id') id: string, @Query(joi(handoutQuerySchema)) query: HandoutQuery, @Res() response: Response): Promise<void> {
    const { name, pdf } = await this.dishes.handout(id, query);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }

  /** The body is the file itself, its name in `?name=`; `?apply=true` carries the import out. */
  @Post('dish-imports')
  @Allow('lead')
  @HttpCode(200)
  import(@Req() request: Request, @Query('name') name?: string, @Query('apply') apply?: string): Promise<DishImport> {
    if (!Buffer.isBuffer(request.body))
      throw invalid('file', 'No file came with the request.', 'Send the file as the body, with Content-Type application/octet-stream.');
    return this.files.import(request.body, String(name ?? '').slice(0, 200), apply === 'true');
  }

  @Get('dish-exports/:format')
  @Allow(...STAFF)
  async export(@Param('format') format: string, @Query('ids') ids: string | undefined, @Res() response: Response): Promise<void> {
    const wanted = String(ids ?? '')
      .split(',')
      .filter((id) => ID_PATTERN.test(id))
      .slice(0, 200);
    if (wanted.length === 0) throw invalid('ids', 'No dish was named.', 'Name at least one by its id.');
    if (format !== 'pelvo' && format !== 'json-ld' && format !== 'csv')
      throw invalid('format', `"${format.slice(0, 20)}" is not a format.`, 'Use pelvo, json-ld or csv.');
    const file = await this.files.export(wanted, format);
    download(response, `${fileName(file.title)}.${file.extension}`, file.type, Buffer.from(file.text));
  }
}
