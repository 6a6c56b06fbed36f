import { useState } from 'react';
import { setSingleKeys, singleKeysAreOn } from '@/lib/keys';
import { Dialog } from '@/ui/Dialog';

const KEYS: [string, string, string][] = [
    ['Anywhere', '/', 'find a task'],
    ['Anywhere', '?', 'these keys'],
    ['Anywhere', 'Esc', 'close what is open at the right'],
    ['In hand', ', and .', 'the task before, the task after'],
    ['In hand', 'b', 'begin the task'],
    ['In hand', 'f', 'finish it'],
    ['In hand', 'h', 'hand it on'],
    ['Rulebook', 'Space', 'on a grip: take the rule up; then ↑ and ↓ move it, Space puts it down'],
    ['Rulebook', 'n', 'new rule'],
];

export function Shortcuts({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const [on, setOn] = useState(singleKeysAreOn);
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Keys">
            <table className="w-full text-left">
                <tbody>
                    {KEYS.map(([where, key, does]) => (
                        <tr key={`${where} ${key}`} className="border-b border-line">
                            <th scope="row" className="py-1.5 pr-4 font-normal text-ink2">
                                {where}
                            </th>
                            <td className="w-24 pr-4 font-mono">{key}</td>
                            <td>{does}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <label className="mt-4 flex items-center gap-2">
                <input
                    type="checkbox"
                    checked={on}
                    onChange={(event) => {
                        setSingleKeys(event.target.checked);
                        setOn(event.target.checked);
                    }}
                />
                Single keys act while nothing is being typed
            </label>
        </Dialog>
    );
}
