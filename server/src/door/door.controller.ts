import { Body, Controller, Get, Header, Headers, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { BOOK_HEADER, type DoorState, type JoinCode } from '@dagboek/journal/log';
import { Transform } from 'class-transformer';
import { ShortText } from '../common/short-text.ts';
import { IsString, Matches } from 'class-validator';
import type { Request, Response } from 'express';
import { ProblemException } from '../common/problem.filter.ts';
import { DoorService, notHere } from './door.service.ts';
import { BeforeTheDoor } from './only-joined.ts';
import { isScreenKey } from './screen-key.ts';
import { askedFromThisMachine, cameFromHome, shown, toShow, toShowByScreen } from './who-asks.ts';

const trimmed = ({ value }: { value: unknown }): unknown => (typeof value === 'string' ? value.trim() : value);

class JoinDto {
  @ApiProperty()
  @Transform(trimmed)
  @IsString()
  @Matches(/^\s*(\d\s*){6}((\d\s*){6})?$/, {
    message: 'The code is six digits, or twelve, as the server’s screen shows them.',
  })
  code!: string;
  /** What the list calls it. */
  @ApiProperty()
  @ShortText(60, 'Give this device a name, so that it can be told from the others in the list.')
  name!: string;
}

class ScreenDto {
  /** As the terminal of this machine says it. */
  @ApiProperty()
  @ShortText(40, 'Type the key that the terminal of this machine shows.')
  key!: string;
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
    if (this.door.isHere(req)) return { you: 'here', name: null, home };
    if (!cameFromHome(req)) return { you: askedFromThisMachine(req) ? 'unproven' : 'open', name: null, home: null };
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
    const joined = await this.door.join(code, name, req.socket.remoteAddress ?? '');
    res.setHeader('Set-Cookie', toShow(joined.token));
    return { name: joined.name };
  }

  @Post('here')
  @HttpCode(204)
  @ApiOperation({
    summary: 'Makes a browser of this machine the server’s own screen, by the key that its terminal shows.',
  })
  here(@Req() req: Request, @Res({ passthrough: true }) res: Response, @Body() { key }: ScreenDto): void {
    const known = this.door.screenKey;
    if (!askedFromThisMachine(req)) throw notHere();
    if (known === null) return;
    if (!isScreenKey(key, known))
      throw new ProblemException(400, 'That is not the key that the terminal of this machine shows.', 'key');
    res.setHeader('Set-Cookie', toShowByScreen(known));
  }

  @Post('code')
  @HttpCode(200)
  @ApiOperation({ summary: 'Shows a new code, for ten minutes; at the server’s own screen.' })
  showCode(@Req() req: Request, @Headers(BOOK_HEADER) book: string | undefined): JoinCode {
    this.onlyOurPageHere(req, book);
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
    this.onlyOurPageHere(req, book);
    await this.door.putOut(id);
  }

  @Post('leave')
  @HttpCode(204)
  @ApiOperation({ summary: 'The device that asks goes out.' })
  async leave(@Req() req: Request, @Res({ passthrough: true }) res: Response): Promise<void> {
    const device = this.door.whoShows(shown(req));
    if (device) await this.door.putOut(device.id, 'left');
    res.setHeader('Set-Cookie', toShow(null));
  }

  /** The same for what changes something: a page of somebody else can post from here, but not with a header of ours. */
  private onlyOurPageHere(req: Request, book: string | undefined): void {
    this.door.onlyHere(req);
    if (book === undefined) throw new ProblemException(400, 'Say which book is meant.', BOOK_HEADER);
  }
}
