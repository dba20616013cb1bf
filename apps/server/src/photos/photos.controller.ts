import { Controller, Delete, Get, HttpCode, Param, Put, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { photoOfSchema, type PhotoOf, type PlatePhoto } from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { invalid, joi } from '../platform/problems';
import { PhotosService } from './photos.service';

const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

@Controller('api')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get('lessons/:id/photos')
  @Allow(...TEACHING)
  ofLesson(@Param('id') id: string): Promise<readonly PlatePhoto[]> {
    return this.photos.ofLesson(id);
  }

  /** The body is the photo itself; sent twice under one id it is kept once. */
  @Put('lessons/:id/photos/:photoId')
  @Allow(...TEACHING)
  keep(
    @Param('id') id: string,
    @Param('photoId') photoId: string,
    @Query(joi(photoOfSchema)) of: PhotoOf,
    @Req() request: Request,
    @Who() who: SignedIn,
  ): Promise<PlatePhoto> {
    if (!ID.test(photoId)) throw invalid('photoId', 'This is no id of a photo.', 'Send it with an id that the device made.');
    return this.photos.keep(id, photoId, of, request.body as Buffer, who.id);
  }

  @Get('photos/:id')
  @Allow(...TEACHING)
  async image(@Param('id') id: string, @Res() response: Response): Promise<void> {
    show(response, await this.photos.image(id));
  }

  @Delete('photos/:id')
  @Allow(...TEACHING)
  @HttpCode(204)
  erase(@Param('id') id: string): Promise<void> {
    return this.photos.erase(id);
  }

  @Get('results/:id/photos')
  @Allow(...TEACHING)
  ofResult(@Param('id') id: string): Promise<readonly PlatePhoto[]> {
    return this.photos.ofResult(id);
  }

  @Get('my-results/:id/photos')
  @Allow('student')
  ofMine(@Param('id') id: string, @Who() who: SignedIn): Promise<readonly PlatePhoto[]> {
    return this.photos.ofResult(id, who.studentId!);
  }

  @Get('my-photos/:id')
  @Allow('student')
  async mine(@Param('id') id: string, @Who() who: SignedIn, @Res() response: Response): Promise<void> {
    show(response, await this.photos.ownImage(id, who.studentId!));
  }
}

/** Shown, never kept by what lies between, and never taken for a page. */
function show(response: Response, image: Buffer): void {
  response.setHeader('content-type', 'image/jpeg');
  response.setHeader('content-disposition', 'inline; filename="plate.jpg"');
  response.setHeader('cache-control', 'private, no-store');
  response.end(image);
}
