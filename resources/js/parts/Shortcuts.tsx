import { useState } from 'react';
import { scopes, setSingleKeys, singleKeysAreOn } from '@/lib/keys';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';

/** What single keys do on the page as it is. */
export function Shortcuts({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const [on, setOn] = useState(singleKeysAreOn);
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title={say('keys.title')}>
            <table className="w-full text-start">
                <tbody>
                    {open &&
                        scopes.list().map(({ where, key, does }) => (
                            <tr key={`${where} ${key}`} className="border-b border-line">
                                <th scope="row" className="py-1.5 pe-4 font-normal text-ink2">
                                    {where}
                                </th>
                                <td className="w-24 pe-4 font-mono">{key}</td>
                                <td>{does}</td>
                            </tr>
                        ))}
                    <tr className="border-b border-line">
                        <th scope="row" className="py-1.5 pe-4 font-normal text-ink2">
                            {say('keys.dialog')}
                        </th>
                        <td className="w-24 pe-4 font-mono whitespace-nowrap">{say('keys.ctrl_enter')}</td>
                        <td>{say('keys.send')}</td>
                    </tr>
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
                {say('keys.singles')}
            </label>
        </Dialog>
    );
}
