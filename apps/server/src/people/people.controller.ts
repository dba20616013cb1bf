import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Put, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import type { Preferences } from '@pelvo/core';
import {
  activeSchema,
  firstLeadSchema,
  joinSchema,
  newPersonSchema,
  preferencesChangeSchema,
  signInSchema,
  type FirstLead,
  type Invitation,
  type Join,
  type Me,
  type NewPerson,
  type Person,
  type SessionState,
  type SignIn,
} from '@pelvo/contract';
import { Allow, KnownDevices, Open, SESSION_COOKIE, Who, type SignedIn } from '../platform/identity';
import { joi } from '../platform/problems';
import { type Entrant, PeopleService } from './people.service';

@Controller('api')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly devices: KnownDevices,
  ) {}

  @Get('session')
  @Open()
  session(
    @Who() who: SignedIn | undefined,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionState> {
    // Every device asks this after a sign-in, so that is where it learns whose it is.
    if (who && !this.devices.of(request, who.id)) this.devices.remember(request, response, who.id);
    return this.people.sessionOf(who);
  }

  /** How the person who is signed in likes figures, times and dates shown. */
  @Patch('preferences')
  @Allow('lead', 'assistant', 'stores', 'student')
  prefer(@Body(joi(preferencesChangeSchema)) body: Partial<Preferences>, @Who() who: SignedIn): Promise<Preferences> {
    return this.people.prefer(who.id, body);
  }

  @Post('session')
  @Open()
  @HttpCode(200)
  async signIn(@Body(joi(signInSchema)) body: SignIn, @Req() request: Request): Promise<Me> {
    const entrant = await this.people.signIn(body, request.ip ?? '', (personId) => this.devices.of(request, personId));
    return this.begin(request, entrant);
  }

  @Delete('session')
  @Open()
  @HttpCode(204)
  async signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    await new Promise<void>((done, fail) => request.session.destroy((error: unknown) => (error ? fail(error as Error) : done())));
    response.clearCookie(SESSION_COOKIE, { path: '/' });
  }

  @Post('people/first')
  @Open()
  async first(@Body(joi(firstLeadSchema)) body: FirstLead, @Req() request: Request): Promise<Me> {
    return this.begin(request, await this.people.createFirstLead(body, request.ip ?? ''));
  }

  @Post('people/join')
  @Open()
  @HttpCode(200)
  async join(@Body(joi(joinSchema)) body: Join, @Req() request: Request): Promise<Me> {
    return this.begin(request, await this.people.join(body, request.ip ?? ''));
  }

  @Get('people')
  @Allow('lead')
  list(): Promise<readonly Person[]> {
    return this.people.list();
  }

  @Post('people')
  @Allow('lead')
  invite(@Body(joi(newPersonSchema)) body: NewPerson): Promise<Invitation> {
    return this.people.invite(body);
  }

  @Post('people/:id/invitation')
  @Allow('lead')
  inviteAgain(@Param('id') id: string): Promise<Invitation> {
    return this.people.inviteAgain(id);
  }

  @Put('people/:id/active')
  @Allow('lead')
  setActive(@Param('id') id: string, @Body(joi(activeSchema)) body: { active: boolean }, @Who() who: SignedIn): Promise<Person> {
    return this.people.setActive(id, body.active, who.id);
  }

  /** A new session on every sign-in, so that one known before it is worth nothing after. */
  private async begin(request: Request, { sessionEpoch, ...me }: Entrant): Promise<Me> {
    await new Promise<void>((done, fail) => request.session.regenerate((error: unknown) => (error ? fail(error as Error) : done())));
    request.session.personId = me.id;
    request.session.epoch = sessionEpoch;
    await new Promise<void>((done, fail) => request.session.save((error: unknown) => (error ? fail(error as Error) : done())));
    return me;
  }
}
