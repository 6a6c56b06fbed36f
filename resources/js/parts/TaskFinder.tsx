import type { FoundCase } from '@props/Cases/FoundCase';
import type { TaskLine } from '@props/Tasks/TaskLine';
import { useCombobox } from 'downshift';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { isOpen } from '@/lib/task';
import { say } from '@/lib/words';
import { Found } from '@/ui/Found';

const SHORTEST = 2;

type Hit = TaskLine | FoundCase;

export const isCase = (hit: Hit): hit is FoundCase => 'stage' in hit;

/** What is found for a text, a moment after one has stopped typing; null: nothing is asked for. */
function useFound(text: string, cases: boolean): Hit[] | null {
    const query = text.trim();
    const asks = query.length >= SHORTEST;
    const { answer, error } = useAsked<Hit[]>(
        asks ? `/search?q=${encodeURIComponent(query)}${cases ? '&cases=1' : ''}` : null,
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
    /** cases are found, too, and chosen by this */
    onCase?: (found: FoundCase) => void;
};

function Line({ hit }: { hit: Hit }) {
    const note = isCase(hit) ? hit.stage : isOpen(hit) ? hit.kind : say(`status.${hit.status}`).toLocaleLowerCase();
    return (
        <>
            <span className="font-mono text-xs text-ink2">{hit.number}</span>
            <span className="min-w-0 flex-1 truncate">
                {isCase(hit) && <span className="text-plum">{say('case.found')} </span>}
                {hit.title}
            </span>
            <span className="text-xs text-ink2">{note}</span>
        </>
    );
}

/** Finds tasks while one types; arrow keys choose, Enter takes. */
export function TaskFinder({ inputId, label, placeholder, className, side, except = [], onChoose, onCase }: Props) {
    const [text, setText] = useState('');
    const found = useFound(text, onCase !== undefined)?.filter((one) => !except.includes(one.id)) ?? null;
    const box = useCombobox<Hit>({
        items: found ?? [],
        inputId,
        inputValue: text,
        itemToString: (one) => (one === null ? '' : one.title),
        itemToKey: (one) => one?.id,
        defaultHighlightedIndex: 0,
        onSelectedItemChange: ({ selectedItem }) => {
            setText('');
            if (selectedItem === null) return;
            if (isCase(selectedItem)) onCase?.(selectedItem);
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
                keyOf={(one) => one.id}
                label={say('task.found')}
                none={say('task.none_found')}
                className={`w-96 ${side === 'right' ? 'end-0' : 'start-0'}`}
                render={(one) => <Line hit={one} />}
            />
        </div>
    );
}
