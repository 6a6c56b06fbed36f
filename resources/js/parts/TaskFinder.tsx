import type { FoundCase } from '@props/Cases/FoundCase';
import type { FoundWork } from '@props/Runsheets/FoundWork';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { useCombobox } from 'downshift';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { isOpen } from '@/lib/task';
import { say } from '@/lib/words';
import { Found } from '@/ui/Found';

const SHORTEST = 2;

type Hit = TaskLine | FoundCase | FoundWork;

export const isCase = (hit: Hit): hit is FoundCase => 'stage' in hit;
const isWork = (hit: Hit): hit is FoundWork => 'work' in hit;
const keyOf = (hit: Hit): string => (isWork(hit) ? hit.href : hit.id);

/** What is found for a text, a moment after one has stopped typing; null: nothing is asked for. */
function useFound(text: string, everything: boolean): Hit[] | null {
    const query = text.trim();
    const asks = query.length >= SHORTEST;
    const { answer, error } = useAsked<Hit[]>(
        asks ? `/search?q=${encodeURIComponent(query)}${everything ? '&everything=1' : ''}` : null,
    );
    if (!asks) return null;
    return error === null ? answer : [];
}

type Props = {
    inputId: string;
    label: string;
    placeholder: string;
    className: string;
    /** on which side of the entry the list stands */
    side: 'left' | 'right';
    /** ids of tasks that are not offered */
    except?: string[];
    onChoose: (task: TaskLine) => void;
    /** everything that has a page of its own is found, and opened by this */
    onPage?: (href: string) => void;
};

/** "Case", or what it is. */
function Sort({ hit }: { hit: FoundCase | FoundWork }) {
    return <span className="text-plum">{isCase(hit) ? say('case.found') : say(`found_work.${hit.work}`)} </span>;
}

function noteOf(hit: Hit): string {
    if (isWork(hit)) return '';
    if (isCase(hit)) return hit.stage;
    return isOpen(hit) ? hit.kind : say(`status.${hit.status}`).toLocaleLowerCase();
}

function Line({ hit }: { hit: Hit }) {
    return (
        <>
            {!isWork(hit) && <span className="font-mono text-xs text-ink2">{hit.number}</span>}
            <span className="min-w-0 flex-1 truncate">
                {(isWork(hit) || isCase(hit)) && <Sort hit={hit} />}
                {hit.title}
            </span>
            <span className="text-xs text-ink2">{noteOf(hit)}</span>
        </>
    );
}

/** Finds tasks while one types; arrow keys choose, Enter takes. */
export function TaskFinder({ inputId, label, placeholder, className, side, except = [], onChoose, onPage }: Props) {
    const [text, setText] = useState('');
    const found = useFound(text, onPage !== undefined)?.filter((one) => !except.includes(keyOf(one))) ?? null;
    const box = useCombobox<Hit>({
        items: found ?? [],
        inputId,
        inputValue: text,
        itemToString: (one) => (one === null ? '' : one.title),
        itemToKey: (one) => (one === null ? null : keyOf(one)),
        defaultHighlightedIndex: 0,
        onSelectedItemChange: ({ selectedItem }) => {
            setText('');
            if (selectedItem === null) return;
            if (isWork(selectedItem)) onPage?.(selectedItem.href);
            else if (isCase(selectedItem)) onPage?.(`/cases/${selectedItem.id}`);
            else onChoose(selectedItem);
        },
        selectedItem: null,
    });
    return (
        <div className="relative">
            <input
                {...box.getInputProps({ 'aria-label': label, onChange: (event) => setText(event.currentTarget.value) })}
                type="search"
                placeholder={placeholder}
                className={className}
            />
            <Found
                box={box}
                items={found}
                keyOf={keyOf}
                label={say('task.found')}
                none={say('task.none_found')}
                className={`w-96 ${side === 'right' ? 'end-0' : 'start-0'}`}
                render={(one) => <Line hit={one} />}
            />
        </div>
    );
}
