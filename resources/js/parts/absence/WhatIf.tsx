import { lastFrom } from '@/lib/days';
import { DayEntry } from '@/ui/DayEntry';
import { router } from '@inertiajs/react';
import type { CoverPageProps } from '@props/Absences/CoverPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { PersonChoice } from '@/parts/PersonChoice';
import { Labelled } from '@/ui/Labelled';
import { Substitutes } from './Substitutes';

type Props = Pick<CoverPageProps, 'people' | 'self' | 'leads' | 'policies'> & {
    asked: NonNullable<CoverPageProps['asked']>;
};

/** Who might be away when, and who would stand in; nothing is asked for by that. */
export function WhatIf({ asked, people, self, leads, policies }: Props) {
    const [data, setData] = useState({
        ...asked,
        person: asked.person === '' && !leads ? (self ?? '') : asked.person,
        held: asked.held === '' ? (policies[0] ?? '') : asked.held,
    });
    const set = (changes: Partial<typeof data>): void => setData((now) => ({ ...now, ...changes }));
    return (
        <form
            className="box space-y-4 p-4"
            onSubmit={(event) => {
                event.preventDefault();
                router.get('/absences/what-if', data, { preserveState: true, preserveScroll: true });
            }}
        >
            <div className="grid gap-4 md:grid-cols-4">
                <Labelled label={say('absence.who')}>
                    <PersonChoice
                        people={people}
                        disabled={!leads}
                        value={data.person}
                        onChange={(person) =>
                            set({ person, substitutes: data.substitutes.filter((one) => one !== person) })
                        }
                    />
                </Labelled>
                <Labelled label={say('absence.first')}>
                    <DayEntry
                        person={data.person}
                        value={data.first}
                        onChange={(day) =>
                            set({
                                first: day,
                                last: lastFrom(day, data.last),
                            })
                        }
                    />
                </Labelled>
                <Labelled label={say('absence.last')}>
                    <DayEntry person={data.person} value={data.last} onChange={(day) => set({ last: day })} />
                </Labelled>
                <Labelled label={say('absence.held')}>
                    <select className="entry" value={data.held} onChange={(event) => set({ held: event.target.value })}>
                        {policies.map((one) => (
                            <option key={one} value={one}>
                                {say(`absence.held_policies.${one}`)}
                            </option>
                        ))}
                    </select>
                </Labelled>
            </div>
            <Substitutes
                person={data.person}
                chosen={data.substitutes}
                only={{}}
                people={people}
                vocabulary={null}
                wrong={undefined}
                onChange={(substitutes) => set({ substitutes })}
            />
            <Button type="submit" look="main" disabled={data.person === '' || data.first === '' || data.last === ''}>
                {say('cover.work_out')}
            </Button>
        </form>
    );
}
