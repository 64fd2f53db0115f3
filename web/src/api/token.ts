/** What shows that a request comes from a page of ours. */
function token(): string {
  return /(?:^|; )csrftoken=([^;]+)/.exec(document.cookie)?.[1] ?? '';
}

/**
 * Send a request with the page's token. Signing in, here or in another tab, changes the token, and a
 * browser may show a page the old one for a moment longer: then it is sent once more.
 */
export async function send(request: Request): Promise<Response> {
  const again = request.clone();
  request.headers.set('X-CSRFToken', token());
  const answer = await fetch(request);
  if (answer.status !== 403) return answer;
  again.headers.set('X-CSRFToken', token());
  return fetch(again);
}
