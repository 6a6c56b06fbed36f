import { useState } from 'react';
import { Button } from '@/ui/Button';
import { RosterImportDialog } from './RosterImportDialog';
import { say } from '@/lib/words';

/** People, teams, skills and absences as a file, out and in. */
export function RosterFile() {
    const [importing, setImporting] = useState(false);
    const [done, setDone] = useState(false);
    return (
        <section className="px-3 pt-6">
            <h2 className="pb-1 font-semibold">{say('screen.roster_file.people_and_teams_as')}</h2>
            <p className="flex items-baseline gap-3">
                {['json', 'csv', 'vcf'].map((form) => (
                    <a key={form} className="text-sky underline" href={`/roster/export?form=${form}`}>
                        {say('screen.roster_file.form', { form })}
                    </a>
                ))}
                <Button look="quiet" className="min-h-6 font-normal" onClick={() => setImporting(true)}>
                    {say('screen.common.import')}
                </Button>
                <span role="status" className="text-ink2">
                    {done && say('screen.roster_file.imported')}
                </span>
            </p>
            {importing && <RosterImportDialog onClose={() => setImporting(false)} onDone={() => setDone(true)} />}
        </section>
    );
}
