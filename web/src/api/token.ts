import { keyOf, settle } from './once';

/** What shows that a request comes from a page of ours. */
function token(): string {
  return /(?:^|; )csrftoken=([^;]+)/.exec(document.cookie)?.[1] ?? '';
}

/**
 * Send a request with the page's token. Signing in, here or in another tab, changes the token, and a
 * browser may show a page the old one for a moment longer: then it is sent once more.
 */
async function sendWithToken(request: Request): Promise<Response> {
  const again = request.clone();
  request.headers.set('X-CSRFToken', token());
  const answer = await fetch(request);
  if (answer.status !== 403) return answer;
  again.headers.set('X-CSRFToken', token());
  return fetch(again);
}

/** Send a request; what is told under one key twice, since the first time had no answer, is one act. */
export async function send(request: Request): Promise<Response> {
  const isFile = request.headers.get('Content-Type')?.startsWith('multipart/');
  if (request.method !== 'POST' || isFile) return sendWithToken(request);
  const act = `${request.url} ${await request.clone().text()}`;
  request.headers.set('Once', keyOf(act));
  const answer = await sendWithToken(request);
  // A proxy that lost the server does not know either whether it arrived.
  if (answer.status < 502) settle(act);
  return answer;
}
