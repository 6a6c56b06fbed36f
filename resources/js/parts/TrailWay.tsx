import type { Trail, TrailStep } from '@props/Tasks/TaskView';
import { Fragment } from 'react';
import { say } from '@/lib/words';
import { Popover } from '@/ui/Popover';
import { PersonName } from './PersonMark';

function Step({ step, house }: { step: TrailStep; house: boolean }) {
    const text = (
        <>
            <strong className="text-base">{step.count}</strong> {step.label}
        </>
    );
    if (house) return <span>{text}</span>;
    return (
        <Popover
            label={`${step.count} ${step.label}`}
            trigger={
                <button type="button" className="border-b border-dotted border-sky text-start hover:bg-pine-wash">
                    {text}
                </button>
            }
        >
            <People step={step} />
        </Popover>
    );
}

function People({ step }: { step: TrailStep }) {
    return (
        <div className="space-y-3">
            <section>
                <h4 className="font-semibold">
                    {say('screen.common.people', { count: step.kept.length })} {step.label}
                </h4>
                <ul>
                    {step.kept.map((person) => (
                        <li key={person.slug} className="py-0.5">
                            <PersonName {...person} />
                        </li>
                    ))}
                </ul>
            </section>
            {step.fallen.length > 0 && (
                <section>
                    <h4 className="font-semibold">
                        {say('screen.reason_trail.left_out', { count: step.fallen.length })}
                    </h4>
                    <ul>
                        {step.fallen.map((person) => (
                            <li key={person.slug} className="grid grid-cols-[160px_1fr] gap-2 py-0.5">
                                <PersonName {...person} />
                                <span className="text-ink2">{person.reason}</span>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
        </div>
    );
}

/** The way from everybody to the pick, each number opening the names and the reasons. */
export function Way({ trail }: { trail: Trail }) {
    return (
        <p className="flex flex-wrap items-baseline gap-x-2 gap-y-1">
            {trail.steps.map((step, index) => (
                <Fragment key={`${index}-${step.code}`}>
                    {index > 0 && <span aria-hidden="true">→</span>}
                    <Step step={step} house={index === 0} />
                </Fragment>
            ))}
            {trail.method !== null && (
                <>
                    <span aria-hidden="true">→</span>
                    <span>{trail.method.label}</span>
                </>
            )}
            {trail.steps.length > 0 && <span aria-hidden="true">→</span>}
            {trail.pick !== null ? (
                <strong className="flex flex-wrap gap-x-3 self-center text-pine">
                    <PersonName {...trail.pick} />
                    {trail.heldWith.map((one) => (
                        <PersonName key={one.slug} {...one} />
                    ))}
                </strong>
            ) : trail.outcome === 'open' ? (
                <strong>{say('screen.reason_trail.open_to', { count: trail.openTo.length })}</strong>
            ) : (
                <strong className="text-brick">{say('screen.reason_trail.unplaced')}</strong>
            )}
        </p>
    );
}
