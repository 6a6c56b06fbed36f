// A member's day by the client that a common generator makes of the description of the API: what does not fit is told
// by the compiler, and what is answered otherwise by the assertions.

import createClient from 'openapi-fetch';
import { expect, it } from 'vitest';
import type { components, paths } from './api';

type Task = components['schemas']['Task'];

const api = createClient<paths>({
    baseUrl: `${process.env.BATON_URL ?? ''}/api/v1`,
    headers: { Authorization: `Bearer ${process.env.BATON_TOKEN ?? ''}` },
});

const key = (): { 'Idempotency-Key': string } => ({ 'Idempotency-Key': `day-${crypto.randomUUID()}` });

/** What was answered, or why it was not. */
function of<T>({ data, error, response }: { data?: T; error?: unknown; response: Response }): NonNullable<T> {
    if (data === undefined || data === null) throw new Error(`${response.status} ${JSON.stringify(error)}`);
    return data;
}

async function mine(): Promise<Task[]> {
    const page = await api.GET('/tasks', { params: { query: { holder: 'me', sort: 'number' } } });
    return of(page).tasks;
}

it('carries out a day', async () => {
    const me = of(await api.GET('/me'));
    expect(me.person).toBe('ayumi');

    const [first, second, third] = await mine();
    if (first === undefined || second === undefined || third === undefined) throw new Error('There are three tasks.');

    // The first: begun at the revision that was read, said something on, a tick, a field, and done.
    const read = await api.GET('/tasks/{task}', { params: { path: { task: first.id } } });
    const etag = read.response.headers.get('ETag') ?? '';
    const task = first.id;
    const begun = of(
        await api.POST('/tasks/{task}/start', { params: { path: { task }, header: { ...key(), 'If-Match': etag } } }),
    );
    expect(begun.status).toBe('working');
    of(
        await api.POST('/tasks/{task}/comments', {
            params: { path: { task }, header: key() },
            body: { from: 'owner', body: 'The second valve.' },
            parseAs: 'json',
        }),
    );
    const late = await api.PATCH('/tasks/{task}', {
        params: { path: { task }, header: { 'If-Match': etag } },
        body: { set: { 'task.priority': 'high' } },
    });
    expect(late.response.status).toBe(412);
    expect(late.error?.detail).toContain('Read it again');
    const now = await api.GET('/tasks/{task}', { params: { path: { task } } });
    const changed = of(
        await api.PATCH('/tasks/{task}', {
            params: { path: { task }, header: { 'If-Match': now.response.headers.get('ETag') ?? '' } },
            body: { set: { 'task.priority': 'high' } },
        }),
    );
    expect(changed.priority).toBe('high');

    // The message that is ready says something else for this once, and goes.
    const { messages } = of(await api.GET('/messages', { params: { query: { task, state: 'held' } } }));
    const [message] = messages;
    if (message === undefined) throw new Error('A message waits.');
    const sent = of(
        await api.PUT('/messages/{message}', {
            params: { path: { message: message.id }, header: key() },
            body: { address: 'ada@holms.example', text: 'We have begun on your horn.', send: true },
        }),
    );
    expect([sent.text, sent.said]).toEqual(['We have begun on your horn.', message.text]);

    const done = key();
    const complete = { params: { path: { task }, header: done }, body: { note: 'Oiled.', spent: 25 } };
    expect(of(await api.POST('/tasks/{task}/complete', complete)).status).toBe('done');
    const again = await api.POST('/tasks/{task}/complete', complete);
    expect(again.response.headers.get('Idempotent-Replayed')).toBe('true');

    // The second is not for now, the third somebody else's.
    const tomorrow = new Date(Date.now() + 86_400_000).toISOString().replace(/\.\d+/, '');
    const put = of(
        await api.POST('/tasks/{task}/postpone', {
            params: { path: { task: second.id }, header: key() },
            body: { at: tomorrow, note: 'The part' },
        }),
    );
    expect(put.start).toBe(tomorrow);
    const on = await api.POST('/tasks/{task}/hand-on', {
        params: { path: { task: third.id }, header: key() },
        body: { to: 'femi', reason: 'Room' },
    });
    expect([200, 204]).toContain(on.response.status);

    const history = of(await api.GET('/tasks/{task}/history', { params: { path: { task } } }));
    expect(history.changes.map((one) => one.what)).toEqual(expect.arrayContaining(['started', 'edited', 'completed']));

    const would = of(await api.POST('/tasks/preview', { body: { title: 'Horn', kind: 'bench-repair' } }));
    expect(would.explanation.summary).not.toBe('');

    const leave = of(
        await api.POST('/absences', {
            params: { header: key() },
            body: { kind: 'leave', first: tomorrow.slice(0, 10), last: tomorrow.slice(0, 10) },
        }),
    );
    expect(leave.status).toBe('asked');
    const off = await api.POST('/absences/{absence}/end', {
        params: { path: { absence: leave.id }, header: key() },
    });
    expect(of(off).status).toBe('cancelled');
    expect((await mine()).map((one) => one.id)).toEqual([second.id]);
});
