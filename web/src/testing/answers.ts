/** An answer of the server's own, as fetch gives it. */
export const anAnswer = (body: unknown, status = 200): Response =>
  ({
    ok: status < 400,
    status,
    headers: new Headers({ 'content-type': status < 400 ? 'application/json' : 'application/problem+json' }),
    json: () => Promise.resolve(body),
  }) as Response;

/** What some network says instead: a page to sign in at. */
export const aLoginPage = (): Response =>
  ({
    ok: true,
    status: 200,
    headers: new Headers({ 'content-type': 'text/html' }),
    json: () => Promise.reject(new SyntaxError('no JSON')),
  }) as Response;
