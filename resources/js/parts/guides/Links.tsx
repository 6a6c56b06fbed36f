import type { GuideAbout, GuideChoices, GuideLink } from '@props/Guides/GuidesPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';

const ABOUTS: GuideAbout[] = ['kind', 'field', 'item', 'rule'];

/** What a guide is about: there it stands beside the work. */
export function Links({
    links,
    choices,
    onChange,
}: {
    links: GuideLink[];
    choices: GuideChoices;
    onChange: (links: GuideLink[]) => void;
}) {
    const [about, setAbout] = useState<GuideAbout>('kind');
    const taken = new Set(links.filter((link) => link.about === about).map((link) => link.target));
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('guides.about')}</legend>
            <ul className="flex flex-wrap gap-2">
                {links.map((link) => (
                    <li
                        key={`${link.about} ${link.target}`}
                        className="flex items-center gap-1 border border-line ps-2"
                    >
                        <span>
                            <span className="text-ink2">{say(`guides.abouts.${link.about}`)}</span> {link.label}
                        </span>
                        <Button
                            look="quiet"
                            aria-label={say('guides.not_about', { label: link.label })}
                            onClick={() => onChange(links.filter((one) => one !== link))}
                        >
                            ✕
                        </Button>
                    </li>
                ))}
            </ul>
            <div className="flex flex-wrap gap-2">
                <select
                    className="entry"
                    aria-label={say('guides.sort_of_thing')}
                    value={about}
                    onChange={(event) => setAbout(event.target.value as GuideAbout)}
                >
                    {ABOUTS.map((one) => (
                        <option key={one} value={one}>
                            {say(`guides.abouts.${one}`)}
                        </option>
                    ))}
                </select>
                <Choice
                    key={`${about} ${links.length}`}
                    aria-label={say('guides.add')}
                    className="w-64"
                    options={choices[about].filter((one) => !taken.has(one.value))}
                    value=""
                    words={{ empty: say('guides.pick_one'), found: say('guides.add'), none: say('guides.none_begins') }}
                    onChange={(target) => {
                        const chosen = choices[about].find((one) => one.value === target);
                        if (chosen !== undefined) onChange([...links, { about, target, label: chosen.label }]);
                    }}
                />
            </div>
        </fieldset>
    );
}
