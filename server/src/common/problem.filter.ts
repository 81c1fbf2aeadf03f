import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Problem } from '@dagboek/journal/log';
import type { Request, Response } from 'express';

const TITLES: Record<number, string> = {
  400: 'Not as it should be',
  401: 'Not joined',
  403: 'Not from here',
  404: 'Not here',
  409: 'Another book',
  413: 'Too large',
  415: 'Not of this kind',
  429: 'Too many',
  500: 'Something broke here',
  503: 'Not now',
  507: 'No room left',
};

/** An HTTP error with a sentence and, where there is one, the field at fault. */
export class ProblemException extends HttpException {
  constructor(status: number, detail: string, field?: string) {
    super(
      {
        type: 'about:blank',
        title: TITLES[status] ?? 'Error',
        status,
        detail,
        ...(field ? { field } : {}),
      } satisfies Problem,
      status,
    );
  }
}

/** Answers with a problem before the application is reached. */
export function sendProblem(res: Response, status: number, detail: string): void {
  const problem: Problem = { type: 'about:blank', title: TITLES[status] ?? 'Error', status, detail };
  res.status(status).type('application/problem+json').set('Cache-Control', 'no-store').send(JSON.stringify(problem));
}

function asProblem(e: unknown, picture: boolean): Problem {
  if (e instanceof ProblemException) return e.getResponse() as Problem;
  // body-parser marks what it throws: a body over the limit, or one that is not JSON.
  const parser = e as { type?: string; status?: number };
  if (parser.type === 'too.deep')
    return {
      type: 'about:blank',
      title: 'Not as it should be',
      status: 400,
      detail: 'The body is nested too deep. Nothing of it was taken.',
    };
  if (parser.type === 'entity.too.large' || (e instanceof HttpException && e.getStatus() === 413))
    return {
      type: 'about:blank',
      title: 'Too large',
      status: 413,
      detail: picture
        ? 'This picture is above 25 MB. Make it smaller first; nothing of it was taken.'
        : 'This is more than 1 MB at once. Send the entries in smaller batches; nothing of it was taken.',
    };
  if (
    parser.type === 'entity.parse.failed' ||
    (e instanceof HttpException && e.getStatus() === 400 && /JSON|Unexpected/.test(e.message))
  )
    return {
      type: 'about:blank',
      title: 'Not as it should be',
      status: 400,
      detail: 'The body is not JSON that can be read. Nothing of it was taken.',
    };
  if (e instanceof HttpException) {
    const status = e.getStatus();
    return {
      type: 'about:blank',
      title: TITLES[status] ?? 'Error',
      status,
      detail: status === 404 ? 'There is nothing at this address.' : e.message,
    };
  }
  return {
    type: 'about:blank',
    title: TITLES[500] as string,
    status: 500,
    detail: 'The server could not finish this. What was noted stays on your device and is sent again.',
  };
}

@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Problem');

  catch(e: unknown, host: ArgumentsHost): void {
    const res = host.switchToHttp().getResponse<Response>();
    const { path } = host.switchToHttp().getRequest<Request>();
    const problem = asProblem(e, path.startsWith('/api/photos/'));
    if (problem.status >= 500) this.log.error(e instanceof Error ? (e.stack ?? e.message) : String(e));
    if (res.headersSent) return;
    res.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }
}
