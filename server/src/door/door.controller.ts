import { Body, Controller, Get, Header, Headers, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { BOOK_HEADER, type DoorList, type DoorState, type JoinCode } from '@dagboek/journal';
import { Transform } from 'class-transformer';
import { IsString, Matches, MaxLength, MinLength } from 'class-validator';
import type { Request, Response } from 'express';
import { ProblemException } from '../common/problem.filter.ts';
import { DoorService } from './door.service.ts';
import { BeforeTheDoor } from './only-joined.ts';
import { askedHere, cameFromHome, shown, toShow } from './who-asks.ts';

const trimmed = ({ value }: { value: unknown }): unknown => (typeof value === 'string' ? value.trim() : value);

class JoinDto {
  @ApiProperty()
  @Transform(trimmed)
  @IsString()
  @Matches(/^[\d\s]{6,12}$/, { message: 'The code is six digits, as the server’s screen shows them.' })
  code!: string;
  /** What the list calls it. */
  @ApiProperty()
  @Transform(trimmed)
  @IsString()
  @MinLength(1, { message: 'Give this device a name, so that it can be told from the others in the list.' })
  @MaxLength(60, { message: 'A name of up to 60 letters.' })
  name!: string;
}

/** The way in for devices of the home network. */
@ApiTags('door')
@Controller('api/door')
export class DoorController {
  constructor(private readonly door: DoorService) {}

  @Get()
  @BeforeTheDoor()
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'How whoever asks stands to the door, and where this server is reached.' })
  state(@Req() req: Request): DoorState {
    const { home } = this.door;
    if (!cameFromHome(req)) return { you: askedHere(req) ? 'here' : 'open', name: null, home };
    const device = this.door.whoShows(shown(req));
    return { you: device ? 'joined' : 'not joined', name: device?.name ?? null, home: device ? home : null };
  }

  @Get('knock')
  @BeforeTheDoor()
  @HttpCode(204)
  @Header('Access-Control-Allow-Origin', '*')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'Answers nothing: a page that asks learns whether this phone trusts the certificate.' })
  knock(): void {}

  @Post('join')
  @BeforeTheDoor()
  @HttpCode(200)
  @ApiOperation({ summary: 'Lets a device in that shows the code of the server’s screen.' })
  async join(
    @Req() req: Request,
    @Res({ passthrough: true }) res: Response,
    @Body() { code, name }: JoinDto,
  ): Promise<{ name: string }> {
    if (!cameFromHome(req)) throw new ProblemException(400, 'Nothing is joined from here: this address has no door.');
    const joined = await this.door.join(code, name);
    res.setHeader('Set-Cookie', toShow(joined.token));
    return { name: joined.name };
  }

  @Get('devices')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'Who was let in, and the code that holds; at the server’s own screen.' })
  async devices(@Req() req: Request): Promise<DoorList> {
    onlyHere(req);
    return { devices: await this.door.devices(), code: this.door.code() };
  }

  @Post('code')
  @HttpCode(200)
  @ApiOperation({ summary: 'Shows a new code, for ten minutes; at the server’s own screen.' })
  showCode(@Req() req: Request, @Headers(BOOK_HEADER) book: string | undefined): JoinCode {
    onlyOurPageHere(req, book);
    return this.door.showCode();
  }

  @Post('devices/:id/out')
  @HttpCode(204)
  @ApiOperation({ summary: 'Puts a device out; at the server’s own screen.' })
  async putOut(
    @Req() req: Request,
    @Headers(BOOK_HEADER) book: string | undefined,
    @Param('id') id: string,
  ): Promise<void> {
    onlyOurPageHere(req, book);
    await this.door.putOut(id);
  }

  @Post('leave')
  @HttpCode(204)
  @ApiOperation({ summary: 'The device that asks goes out.' })
  async leave(@Req() req: Request, @Res({ passthrough: true }) res: Response): Promise<void> {
    const device = this.door.whoShows(shown(req));
    if (device) await this.door.putOut(device.id);
    res.setHeader('Set-Cookie', toShow(null));
  }
}

/** Throws where it is not asked at the server's own screen. */
function onlyHere(req: Request): void {
  if (!askedHere(req))
    throw new ProblemException(403, 'This is done at the server’s own screen, at http://127.0.0.1 on that machine.');
}

/** The same for what changes something: a page of somebody else can post from here, but not with a header of ours. */
function onlyOurPageHere(req: Request, book: string | undefined): void {
  onlyHere(req);
  if (book === undefined) throw new ProblemException(400, 'Say which book is meant.', BOOK_HEADER);
}
