import { Body, Controller, Get, Headers, HttpCode, Param, Post, Put, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import {
  archivedSchema,
  cardQuerySchema,
  ID_PATTERN,
  TECHNIQUE_GUARD,
  TECHNIQUES_LIMIT,
  type CardQuery,
  type TechniqueFields,
  type TechniqueImport,
  type TechniqueSummary,
  type TechniqueWithUse,
} from '@pelvo/contract';
import { Allow, STAFF } from '../platform/identity';
import { download, fileName } from '../platform/pdf';
import { document, invalid, joi, versionOf } from '../platform/problems';
import { CardPrinter } from './cardPrinter';
import { TechniqueFilesService } from './techniqueFiles.service';
import { TechniquesService } from './techniques.service';

@Controller('api')
export class TechniquesController {
  constructor(
    private readonly techniques: TechniquesService,
    private readonly files: TechniqueFilesService,
    private readonly printer: CardPrinter,
  ) {}

  @Get('techniques')
  @Allow(...STAFF)
  list(): Promise<readonly TechniqueSummary[]> {
    return this.techniques.list(false);
  }

  @Get('archived-techniques')
  @Allow('lead')
  listArchived(): Promise<readonly TechniqueSummary[]> {
    return this.techniques.list(true);
  }

  @Post('techniques')
  @Allow('lead')
  create(@Body(document(TECHNIQUE_GUARD)) body: TechniqueFields): Promise<TechniqueWithUse> {
    return this.techniques.create(body);
  }

  @Get('techniques/:id')
  @Allow(...STAFF)
  one(@Param('id') id: string): Promise<TechniqueWithUse> {
    return this.techniques.one(id);
  }

  @Put('techniques/:id')
  @Allow('lead')
  save(
    @Param('id') id: string,
    @Body(document(TECHNIQUE_GUARD)) body: TechniqueFields,
    @Headers('if-match') ifMatch?: string,
  ): Promise<TechniqueWithUse> {
    return this.techniques.save(id, body, versionOf(ifMatch));
  }

  @Put('techniques/:id/archived')
  @Allow('lead')
  archive(@Param('id') id: string, @Body(joi(archivedSchema)) body: { archived: boolean }): Promise<TechniqueWithUse> {
    return this.techniques.archive(id, body.archived);
  }

  @Get('techniques/:id/card.pdf')
  @Allow(...STAFF)
  async card(@Param('id') id: string, @Query(joi(cardQuerySchema)) { paper, hand }: CardQuery, @Res() response: Response): Promise<void> {
    const technique = await this.techniques.one(id);
    download(response, `${fileName(technique.name)}.pdf`, 'application/pdf', await this.printer.print(technique, paper, hand));
  }

  /** Of those named in `?ids=`, or of all the school has. */
  @Get('technique-exports/:format')
  @Allow(...STAFF)
  async export(@Param('format') format: string, @Query('ids') ids: string | undefined, @Res() response: Response): Promise<void> {
    if (format !== 'json' && format !== 'markdown')
      throw invalid('format', `"${format.slice(0, 20)}" is not a format.`, 'Use json or markdown.');
    const wanted = String(ids ?? '')
      .split(',')
      .filter((id) => ID_PATTERN.test(id))
      .slice(0, TECHNIQUES_LIMIT);
    if (ids && wanted.length === 0) throw invalid('ids', 'No technique was named.', 'Name them by their ids, or leave ids out for all.');
    const { title, text } = await this.files.export(wanted, format);
    const [extension, type] = format === 'json' ? ['json', 'application/json'] : ['md', 'text/markdown; charset=utf-8'];
    download(response, `${fileName(title)}.${extension}`, type, Buffer.from(text));
  }

  /** The body is the file itself, JSON or Markdown; `?apply=true` carries the import out. */
  @Post('technique-imports')
  @Allow('lead')
  @HttpCode(200)
  import(@Req() request: Request, @Query('apply') apply?: string): Promise<TechniqueImport> {
    if (!Buffer.isBuffer(request.body))
      throw invalid('file', 'No file came with the request.', 'Send the file as the body, with Content-Type application/octet-stream.');
    return this.files.import(request.body, apply === 'true');
  }
}
