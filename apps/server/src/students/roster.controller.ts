import { Controller, Get, Param, Res } from '@nestjs/common';
import type { Response } from 'express';
import JSZip from 'jszip';
import { DataSource } from 'typeorm';
import { oneRosterFiles } from '@pelvo/core';
import { Allow } from '../platform/identity';
import { download, fileName } from '../platform/pdf';
import { rosterOfClass } from './rosterOfClass';

/** A class for a gradebook elsewhere. */
@Controller('api/classes/:id/oneroster.zip')
export class RosterController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow('lead')
  async archive(@Param('id') id: string, @Res() response: Response): Promise<void> {
    const roster = await rosterOfClass(this.database.manager, id);
    const zip = new JSZip();
    for (const [name, csv] of Object.entries(oneRosterFiles(roster))) zip.file(name, csv);
    const bytes = await zip.generateAsync({ type: 'nodebuffer', compression: 'DEFLATE' });
    download(response, `${fileName('oneroster', roster.class.name, new Date().toISOString().slice(0, 10))}.zip`, 'application/zip', bytes);
  }
}
