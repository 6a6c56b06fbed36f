// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Problem } from '@/lib/ask';
import { useSending } from '@/lib/useSending';

describe('sending a form', () => {
    afterEach(cleanup);

    it('says what is wrong by its place, and forgets it with the next try', async () => {
        const { result } = renderHook(() => useSending((fault) => fault.pointer.replace('/set/', '')));
        const refuse = () =>
            Promise.reject(
                new Problem(422, 'Not valid.', [{ pointer: '/set/task.title', detail: 'A text belongs here.' }]),
            );
        await act(async () => expect(await result.current.send(refuse)).toBe(false));
        expect(result.current.wrong).toEqual({ 'task.title': 'A text belongs here.' });
        expect(result.current.faults).toEqual(['/set/task.title: A text belongs here.']);
        expect(result.current.busy).toBe(false);
        await act(async () => expect(await result.current.send(() => Promise.resolve())).toBe(true));
        expect([result.current.wrong, result.current.faults]).toEqual([{}, []]);
    });

    it('says what is said of all of it, and that the server can not be reached', async () => {
        const { result } = renderHook(() => useSending());
        await act(
            async () => void (await result.current.send(() => Promise.reject(new Problem(409, 'It has changed.', [])))),
        );
        expect(result.current.wrong).toEqual({ '': 'It has changed.' });
        await act(async () => void (await result.current.send(() => Promise.reject(new TypeError('fetch')))));
        expect(result.current.wrong['']).toMatch(/reach/);
    });

    it('says of an entry that is empty that it is needed', async () => {
        const { result } = renderHook(() => useSending(({ missing }) => missing ?? ''));
        const faults = [{ pointer: '', detail: '"title" is missing.', missing: 'title' }];
        await act(
            async () => void (await result.current.send(() => Promise.reject(new Problem(422, 'Not valid.', faults)))),
        );
        expect(result.current.wrong).toEqual({ title: 'This is needed.' });
    });

    it('is busy until it is done', async () => {
        const { result } = renderHook(() => useSending());
        let finish = (): void => undefined;
        let sent: Promise<boolean> = Promise.resolve(false);
        act(() => {
            sent = result.current.send(() => new Promise((done) => (finish = () => done())));
        });
        expect(result.current.busy).toBe(true);
        await act(async () => {
            finish();
            await sent;
        });
        expect(result.current.busy).toBe(false);
    });
});
