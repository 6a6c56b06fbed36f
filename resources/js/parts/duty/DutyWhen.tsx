import type { DutyDocument } from '@props/Duties/DutyEditorPage';
import type { ReactNode } from 'react';
import type { WrittenDuty } from '@/lib/useDuty';
import { say } from '@/lib/words';
import { OF_DAYS, OffsetControl } from '@/parts/rule/OffsetControl';
import { RecurrenceControl } from '@/parts/rule/RecurrenceControl';
import { WordChoice, WordNumber } from '@/parts/rule/Word';
import { DayEntry } from '@/ui/DayEntry';
import { Line } from '@/ui/Line';

const choices = (of: string, codes: string[]) => codes.map((value) => ({ value, label: say(`duty.${of}.${value}`) }));

const RHYTHMS = choices('rhythm', ['calendar', 'after_last']);
const ENDS = choices('ends', ['never', 'until', 'count']);
const OFF_DAYS = choices('off_day', ['before', 'after', 'none']);
const STILL_OPEN = choices('still_open', ['add', 'wait', 'drop']);
const CATCH_UP = choices('catch_up', ['newest', 'each']);
const DUE = choices('due_of', ['none', 'date']);
const PAUSES = choices('pause_of', ['none', 'from']);

/** undefined: it is not said */
type Put = (more: { [Name in keyof DutyDocument]?: DutyDocument[Name] | undefined }, what?: string) => void;
type Props = { duty: DutyDocument; put: Put };

function Rhythm({ duty: { comes }, put }: Props) {
    const after = comes.after_last !== undefined;
    return (
        <Line word={say('duty.comes')}>
            <WordChoice
                label={say('duty.comes')}
                value={after ? 'after_last' : 'calendar'}
                options={RHYTHMS}
                onChange={(next) =>
                    put({
                        comes: {
                            ...(next === 'after_last' ? { after_last: '+10 working_days' } : { rule: 'FREQ=WEEKLY' }),
                            ...(comes.from === undefined ? {} : { from: comes.from }),
                        },
                    })
                }
            />{' '}
            {after ? (
                <>
                    <OffsetControl
                        label={say('duty.distance')}
                        value={comes.after_last}
                        sides={[]}
                        units={OF_DAYS}
                        onChange={(after_last) => put({ comes: { ...comes, after_last } }, 'comes')}
                    />{' '}
                    {say('duty.after_it_ended')}
                </>
            ) : (
                <RecurrenceControl
                    value={comes.rule}
                    onChange={(rule) => put({ comes: { ...comes, rule } }, 'comes')}
                />
            )}{' '}
            {say('duty.first_on')}{' '}
            <DayEntry
                aria-label={say('duty.from')}
                value={comes.from ?? ''}
                onChange={(from) => put({ comes: { ...comes, from } }, 'from')}
            />
        </Line>
    );
}

function Ends({ duty, put }: Props) {
    const kind = duty.count !== undefined ? 'count' : duty.until !== undefined ? 'until' : 'never';
    return (
        <Line word={say('duty.ends_word')}>
            <WordChoice
                label={say('duty.ends_word')}
                value={kind}
                options={ENDS}
                onChange={(next) =>
                    put({
                        until: next === 'until' ? (duty.comes.from ?? '') : undefined,
                        count: next === 'count' ? 10 : undefined,
                    })
                }
            />{' '}
            {kind === 'until' && (
                <DayEntry
                    aria-label={say('duty.until')}
                    value={duty.until ?? ''}
                    onChange={(until) => put({ until }, 'until')}
                />
            )}
            {kind === 'count' && (
                <>
                    <WordNumber
                        label={say('duty.count')}
                        value={duty.count ?? null}
                        onChange={(count) => put({ count }, 'count')}
                    />{' '}
                    {say('duty.times')}
                </>
            )}
        </Line>
    );
}

function Pause({ duty, put }: Props) {
    const { pause } = duty;
    return (
        <Line word={say('duty.pause')}>
            <WordChoice
                label={say('duty.pause')}
                value={pause === undefined ? 'none' : 'from'}
                options={PAUSES}
                onChange={(next) => put({ pause: next === 'none' ? undefined : { from: duty.comes.from ?? '' } })}
            />{' '}
            {pause !== undefined && (
                <>
                    <DayEntry
                        aria-label={say('duty.pause_from')}
                        value={pause.from ?? ''}
                        onChange={(from) => put({ pause: { ...pause, from } }, 'pause')}
                    />{' '}
                    {say('duty.pause_until')}{' '}
                    <DayEntry
                        aria-label={say('duty.pause_to')}
                        value={pause.to ?? ''}
                        onChange={(to) =>
                            put(
                                {
                                    pause: {
                                        ...(pause.from === undefined ? {} : { from: pause.from }),
                                        ...(to === '' ? {} : { to }),
                                    },
                                },
                                'pause',
                            )
                        }
                    />
                </>
            )}
        </Line>
    );
}

function Due({ duty, put }: Props) {
    return (
        <Line word={say('duty.due')}>
            <WordChoice
                label={say('duty.due')}
                value={duty.due === undefined ? 'none' : 'date'}
                options={DUE}
                onChange={(next) => put({ due: next === 'none' ? undefined : '+0 days' })}
            />{' '}
            {duty.due !== undefined && (
                <>
                    <OffsetControl
                        label={say('duty.due')}
                        value={duty.due}
                        units={OF_DAYS}
                        onChange={(due) => put({ due }, 'due')}
                    />{' '}
                    {say('duty.its_date')}
                </>
            )}
        </Line>
    );
}

/** When a duty comes back, and what becomes of its dates. */
export function DutyWhen({ written }: { written: WrittenDuty }) {
    const { duty, change } = written;
    const put: Put = (more, what) => change((before) => ({ ...before, ...more }) as DutyDocument, what);
    const of = { duty, put };
    const choice = (word: 'off_day' | 'still_open' | 'catch_up', options: typeof OFF_DAYS): ReactNode => (
        <Line word={say(`duty.${word}_word`)}>
            <WordChoice
                label={say(`duty.${word}_word`)}
                value={duty[word]}
                options={options}
                onChange={(next) => put({ [word]: next })}
            />
        </Line>
    );
    return (
        <section className="box px-4 py-2" aria-label={say('duty.when')}>
            <h2 className="py-1 font-semibold">{say('duty.when')}</h2>
            <Rhythm {...of} />
            <Ends {...of} />
            <Line word={say('duty.appears')}>
                <OffsetControl
                    label={say('duty.appears')}
                    value={duty.appears ?? '+0 days'}
                    sides={['same', 'before']}
                    units={OF_DAYS}
                    onChange={(appears) => put({ appears }, 'appears')}
                />{' '}
                {say('duty.its_date')}
            </Line>
            <Due {...of} />
            {choice('off_day', OFF_DAYS)}
            {choice('still_open', STILL_OPEN)}
            {choice('catch_up', CATCH_UP)}
            <Pause {...of} />
        </section>
    );
}
