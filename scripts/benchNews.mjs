/** A teacher's open page: hears of every check on the line of news and asks for what it brought, as the wall does. */
export async function hearing(url, teacher) {
  const signedIn = await fetch(`${url}/api/v1/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(teacher),
  });
  const headers = { cookie: signedIn.headers.get('set-cookie').split(';')[0] };
  const closing = new AbortController();
  const line = await fetch(`${url}/api/v1/events`, { headers, signal: closing.signal });
  /** When each check was told, and how long its news took to come. */
  const told = new Map();
  const asked = [];
  const take = async ({ kind, investigationId, subjectId }) => {
    if (kind !== 'check-saved') return;
    told.set(subjectId, performance.now());
    const begun = performance.now();
    await (await fetch(`${url}/api/v1/investigations/${investigationId}/news?checks=${subjectId}`, { headers })).text();
    asked.push(performance.now() - begun);
  };
  const reading = (async () => {
    let rest = '';
    for await (const chunk of line.body.pipeThrough(new TextDecoderStream())) {
      const events = (rest + chunk).split('\n\n');
      rest = events.pop();
      for (const event of events) {
        const data = /^data: (.*)$/m.exec(event);
        if (data && /^event: change$/m.test(event)) void take(JSON.parse(data[1]));
      }
    }
  })().catch(() => undefined);
  return {
    told,
    asked,
    close: async () => {
      closing.abort();
      await reading;
    },
  };
}
