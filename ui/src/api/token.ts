/** What is told to the window when the server no longer knows who asks. */
export const SIGNED_OUT = 'zolbek:signed-out';

let known: Promise<string> | null = null;

/** The yard that this page is of; null as long as nobody told. */
let yard: number | null = null;

/** The token of this session; asked for once, and again where it is told to have ended. */
function token(): Promise<string> {
  known ??= fetch(new Request(new URL('/api/v1/session', window.location.href), { credentials: 'same-origin' }))
    .then(async (answer) => (answer.ok ? ((await answer.json()) as { token: string }).token : ''))
    .catch(() => '')
    .then((found) => {
      if (found === '') {
        known = null;
      }

      return found;
    });

  return known;
}

const SAFE = ['GET', 'HEAD'];
const ENDED = 419;
const UNKNOWN = 401;

/** Asks the server; a write brings the token of the session, and one more time a fresh one where that session has ended. */
export async function askServer(request: Request): Promise<Response> {
  // a page of another yard, left open in another window, is told so
  if (yard !== null && !request.headers.has('X-Yard')) {
    request.headers.set('X-Yard', String(yard));
  }
  const answer = SAFE.includes(request.method) ? await fetch(request) : await write(request);
  if (answer.status === UNKNOWN) {
    window.dispatchEvent(new Event(SIGNED_OUT));
  }

  return answer;
}

async function write(request: Request): Promise<Response> {
  const again = request.clone();
  request.headers.set('X-CSRF-TOKEN', await token());
  const answer = await fetch(request);
  if (answer.status !== ENDED) {
    return answer;
  }
  known = null;
  again.headers.set('X-CSRF-TOKEN', await token());

  return fetch(again);
}

/** The token that an answer told: after somebody signed in or out it is another one. A page stays of the yard that it began with. */
export function keepSession(told: { token: string; yard: number }): void {
  known = Promise.resolve(told.token);
  yard ??= told.yard;
}

export function yardOfPage(): number | null {
  return yard;
}

/** As after a reload: for tests. */
export function forgetToken(): void {
  known = null;
  yard = null;
}
