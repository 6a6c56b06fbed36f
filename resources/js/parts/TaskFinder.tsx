import type { TaskLine } from '@props/Tasks/TaskLine';
import { useCombobox } from 'downshift';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { isOpen } from '@/lib/task';
import { say } from '@/lib/words';
import { Found } from '@/ui/Found';

const SHORTEST = 2;

/** What is found for a text, a moment after one has stopped typing; null: nothing is asked for. */
function useFound(text: string): TaskLine[] | null {
    const query = text.trim();
    const asks = query.length >= SHORTEST;
    const { answer, error } = useAsked<TaskLine[]>(asks ? `/search?q=${encodeURIComponent(query)}` : null);
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
};

/** Finds tasks while one types; arrow keys choose, Enter takes. */
export function TaskFinder({ inputId, label, placeholder, className, side, except = [], onChoose }: Props) {
    const [text, setText] = useState('');
    const found = useFound(text)?.filter((task) => !except.includes(task.id)) ?? null;
    const box = useCombobox<TaskLine>({
        items: found ?? [],
        inputId,
        inputValue: text,
        itemToString: (task) => (task === null ? '' : task.title),
        itemToKey: (task) => task?.id,
        defaultHighlightedIndex: 0,
        onSelectedItemChange: ({ selectedItem }) => {
            setText('');
            if (selectedItem !== null) onChoose(selectedItem);
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
                keyOf={(task) => task.id}
                label={say('task.found')}
                none={say('task.none_found')}
                className={`w-96 ${side === 'right' ? 'end-0' : 'start-0'}`}
                render={(task) => (
                    <>
                        <span className="font-mono text-xs text-ink2">{task.number}</span>
                        <span className="min-w-0 flex-1 truncate">{task.title}</span>
                        <span className="text-xs text-ink2">
                            {isOpen(task) ? task.kind : say(`status.${task.status}`).toLocaleLowerCase()}
                        </span>
                    </>
                )}
            />
        </div>
    );
}
