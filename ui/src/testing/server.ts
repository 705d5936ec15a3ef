export interface Call {
  method: string;
  /** From /api/v1 on, with what was asked after the question mark. */
  path: string;
  body: unknown;
  /** Of what media type it was said to be. */
  type: string;
}

/** Whoever sits at the machine itself, in its one yard. */
const AT_THE_DESK = {
  token: 'here',
  door: 'desk',
  person: null,
  role: 'owner',
  pin_for: null,
  yard: 1,
  yards: [{ id: 1, name: 'Yard' }],
};

type Answer = unknown | ((call: Call) => unknown);

/** Fails as a server does that refuses what it was given. */
export function refused(...errors: { path: string; message: string; rule?: string }[]): Response {
  const body = { message: errors[0]?.message ?? '', errors: errors.map((error) => ({ rule: 'rule', ...error })) };

  return new Response(JSON.stringify(body), { status: 422, headers: { 'Content-Type': 'application/json' } });
}

/** Fails as a network does. */
export function offline(): never {
  throw new TypeError('Failed to fetch');
}

/** A server that answers what a test tells it to, and remembers what it was asked. */
class Server {
  calls: Call[] = [];
  private answers = new Map<string, Answer>();

  forget(): void {
    this.calls = [];
    this.answers = new Map();
  }

  /** `on('PUT /plants/3', answer)`; the address without what stands after the question mark. */
  on(question: string, answer: Answer): void {
    this.answers.set(question, answer);
  }

  /** What was asked of an address, oldest first. */
  asked(question: string): Call[] {
    return this.calls.filter((call) => `${call.method} ${call.path.split('?')[0] ?? ''}` === question);
  }

  async answer(request: Request): Promise<Response> {
    const url = new URL(request.url, 'http://localhost');
    if (url.pathname === '/api/v1/session' && !this.answers.has('GET /session')) {
      // as on every page; a test that is about it says so
      return new Response(JSON.stringify(AT_THE_DESK), { headers: { 'Content-Type': 'application/json' } });
    }
    const text = await request.text();
    const call: Call = {
      method: request.method,
      path: url.pathname.replace(/^\/api\/v1/, '') + url.search,
      body: parsed(text),
      type: request.headers.get('Content-Type') ?? '',
    };
    this.calls.push(call);
    const known = this.answers.get(`${call.method} ${url.pathname.replace(/^\/api\/v1/, '')}`);
    const answer: unknown = typeof known === 'function' ? await (known as (call: Call) => unknown)(call) : await known;
    if (answer instanceof Response) {
      return answer;
    }
    if (answer === undefined) {
      return new Response(JSON.stringify({ message: `Nobody told what ${call.method} ${call.path} is.`, errors: [] }), {
        status: 404,
        headers: { 'Content-Type': 'application/json' },
      });
    }

    return new Response(JSON.stringify(answer), { headers: { 'Content-Type': 'application/json' } });
  }
}

function parsed(text: string): unknown {
  try {
    return text === '' ? null : JSON.parse(text);
  } catch {
    return text;
  }
}

export const server = new Server();

/** An answer that a test gives when it wants to. */
export function later<T>(): { promise: Promise<T>; give: (value: T) => void; fail: (reason: Error) => void } {
  let give: (value: T) => void = () => undefined;
  let fail: (reason: Error) => void = () => undefined;
  const promise = new Promise<T>((resolve, reject) => {
    give = resolve;
    fail = reject;
  });

  return { promise, give, fail };
}
