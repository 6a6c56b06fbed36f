import type { StageDocument } from '@props/Cases/TrackEditorPage';
import type { Fault, Part } from '@props/Rules/RulebookPage';
import type { Option, Vocabulary } from '@props/Rules/Vocabulary';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import { minutesOf } from '@/lib/criteria';
import { describePart } from '@/lib/describe';
import { describeDuration } from '@/lib/parameters';
import { stageWith } from '@/lib/track';
import { say } from '@/lib/words';
import { RuleFaults } from '@/parts/rule/RuleFaults';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { StageEditor } from './StageEditor';

type Props = {
    stage: StageDocument;
    place: number;
    last: boolean;
    open: boolean;
    /** how many open cases stand in it */
    cases: number;
    /** it was published, so that cases may know it: it is retired, and not taken out */
    known: boolean;
    faults: Fault[];
    vocabulary: Vocabulary;
    guides: Option[];
    /** it is gone to */
    wanted: boolean;
    onOpen: (open: boolean) => void;
    onChange: (stage: StageDocument, what?: string) => void;
    onMove: (by: number) => void;
    onTakeOut: () => void;
};

/** What is asked, in one line; nothing where nothing is. */
function Asked({ says, gates, vocabulary }: { says: string; gates: Part[]; vocabulary: Vocabulary }) {
    return gates.length === 0 ? null : (
        <p className="text-ink2">
            {say(says, { gates: gates.map((gate) => describePart('gate', gate, vocabulary)).join('; ') })}
        </p>
    );
}

function More(props: Pick<Props, 'stage' | 'place' | 'last' | 'known' | 'onChange' | 'onMove' | 'onTakeOut'>) {
    const { stage, place, last, known, onChange, onMove, onTakeOut } = props;
    const retired = stage.retired === true;
    return (
        <Menu
            trigger={
                <Button look="quiet" aria-label={say('track.more_of', { place })}>
                    {say('screen.rule_row.more')}
                </Button>
            }
            items={[
                {
                    label: say('screen.rule_row.move_up'),
                    note: say('keys.alt_up'),
                    run: () => onMove(-1),
                    disabled: place === 1,
                },
                {
                    label: say('screen.rule_row.move_down'),
                    note: say('keys.alt_down'),
                    run: () => onMove(1),
                    disabled: last,
                },
                {
                    label: say(retired ? 'track.bring_back' : 'track.retire'),
                    run: () => onChange(stageWith(stage, { retired: retired ? undefined : true })),
                },
                ...(known ? [] : [{ label: say('track.take_out'), run: onTakeOut, grave: true }]),
            ]}
        />
    );
}

/** A stage in the order of its track: told in short, or as it is edited. */
export function StageRow(props: Props) {
    const { stage, place, open, cases, faults, vocabulary, wanted, onOpen, onMove } = props;
    const row = useRef<HTMLLIElement>(null);
    useEffect(() => {
        if (wanted) row.current?.querySelector<HTMLElement>('.entry')?.focus();
    }, [wanted]);
    const move = (event: KeyboardEvent): void => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        onMove(event.key === 'ArrowUp' ? -1 : 1);
    };
    const said = [
        ...(stage.retired === true ? [say('track.retired')] : []),
        ...(cases === 0 ? [] : [say('track.stand_here', { count: cases })]),
        ...(stage.target === undefined
            ? []
            : [say('track.at_most', { time: describeDuration(minutesOf(stage.target)) })]),
    ];
    return (
        <li ref={row} className="flex gap-2 border-t border-line bg-paper px-3 py-2 first:border-0" onKeyDown={move}>
            <span className="min-w-6 shrink-0 pt-1.5 text-end text-ink2 tabular-nums">{place}</span>
            <div className="min-w-0 flex-1">
                <div className="flex flex-wrap items-center gap-2">
                    <h2 className={`min-w-0 font-semibold break-words ${stage.retired === true ? 'text-ink2' : ''}`}>
                        {stage.name === '' ? say('track.unnamed') : stage.name}
                    </h2>
                    <span className="flex-1 text-ink2">{said.join(' · ')}</span>
                    <Button
                        look="quiet"
                        aria-expanded={open}
                        aria-label={say(open ? 'track.close_of' : 'track.edit_of', { place })}
                        onClick={() => onOpen(!open)}
                    >
                        {open ? say('screen.common.close') : say('screen.rule_row.edit')}
                    </Button>
                    <More {...props} />
                </div>
                {open ? (
                    <StageEditor {...props} />
                ) : (
                    <>
                        <Asked says="track.enters_when" gates={stage.enter ?? []} vocabulary={vocabulary} />
                        <Asked says="track.leaves_when" gates={stage.leave ?? []} vocabulary={vocabulary} />
                    </>
                )}
                <RuleFaults faults={faults} />
            </div>
        </li>
    );
}
