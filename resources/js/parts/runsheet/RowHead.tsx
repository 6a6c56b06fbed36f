import type { SheetBlock } from '@props/Runsheets/RunsheetEditorPage';
import type { ClipboardEvent, KeyboardEvent } from 'react';
import { isHolder, isSideBySide, within, type SheetRow as Row } from '@/lib/runsheet';
import type { SheetWork } from '@/lib/useSheet';
import { say } from '@/lib/words';
import { WordChoice } from '@/parts/rule/Word';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';

type Props = { row: Row; work: SheetWork };

export const isRoot = (row: Row): boolean => row.parent === null;

/** What the row is called, also for those who do not see it. */
export const calledOf = (block: SheetBlock): string =>
    isHolder(block)
        ? say(isSideBySide(block) ? 'runsheet.side_by_side' : 'runsheet.one_after_another', {
              first: block.first ?? 'none',
          })
        : block.name || say('runsheet.unnamed');

/** What can be done with a row, besides by keys. */
export function More({ row, work }: Props) {
    const { key } = row.block;
    const does = work.deeds;
    return (
        <Menu
            trigger={
                <Button look="quiet" aria-label={say('runsheet.more_of', { step: calledOf(row.block) })}>
                    {say('screen.rule_row.more')}
                </Button>
            }
            items={[
                { label: say('runsheet.step_below'), note: 'Enter', run: () => does.add(key) },
                ...(isRoot(row)
                    ? []
                    : [
                          {
                              label: say(row.isLane ? 'runsheet.into_turn' : 'runsheet.into_lanes'),
                              note: say('keys.alt_right'),
                              run: () => does.indent(key),
                              disabled: row.place === 0,
                          },
                          {
                              label: say('runsheet.outdent'),
                              note: say('keys.alt_left'),
                              run: () => does.outdent(key),
                              disabled: row.depth < 2,
                          },
                          {
                              label: say('screen.rule_row.move_up'),
                              note: say('keys.alt_up'),
                              run: () => does.move(key, -1),
                          },
                          {
                              label: say('screen.rule_row.move_down'),
                              note: say('keys.alt_down'),
                              run: () => does.move(key, 1),
                          },
                          { label: say('runsheet.copy'), run: () => does.copy(row.block) },
                          { label: say('runsheet.take_out'), run: () => does.takeOut(key), grave: true },
                      ]),
            ]}
        />
    );
}

/** How what is held goes together. */
export function Together({ row, work }: Props) {
    const { block } = row;
    const held = within(block)?.length ?? 0;
    const beside = isSideBySide(block);
    return (
        <span className="flex flex-wrap items-center gap-x-2">
            <WordChoice
                label={say('runsheet.together')}
                value={String(beside)}
                options={[
                    { value: 'false', label: say('runsheet.one_after_another') },
                    { value: 'true', label: say('runsheet.side_by_side', { first: 'none' }) },
                ]}
                onChange={(value) => work.deeds.turn(block.key, value === 'true')}
            />
            {beside && (
                <WordChoice
                    label={say('runsheet.enough')}
                    value={String(block.first ?? 'all')}
                    options={[
                        { value: 'all', label: say('runsheet.enough_all') },
                        ...Array.from({ length: Math.max(held - 1, 0) }, (_, at) => ({
                            value: String(at + 1),
                            label: say('runsheet.enough_first', { count: at + 1 }),
                        })),
                    ]}
                    onChange={(value) =>
                        work.deeds.put(block.key, { first: value === 'all' ? undefined : Number(value) })
                    }
                />
            )}
        </span>
    );
}

/** The name of a step, from which keys make, move and leave steps. */
export function Name({ row, work }: Props) {
    const { block } = row;
    const { deeds } = work;
    const keys = (event: KeyboardEvent<HTMLInputElement>): void => {
        const deed = work.keys(event, row);
        if (deed === null) return;
        event.preventDefault();
        deed();
    };
    const copy = (event: ClipboardEvent<HTMLInputElement>, cut: boolean): void => {
        const { selectionStart, selectionEnd } = event.currentTarget;
        if (selectionStart !== selectionEnd) return;
        event.preventDefault();
        event.clipboardData.setData('text/plain', JSON.stringify(block));
        if (cut) deeds.takeOut(block.key);
    };
    return (
        <input
            className="entry w-full min-w-0 border-line font-semibold hover:border-ink focus:border-ink"
            aria-label={say('runsheet.step_name', { place: work.placeOf(block.key) })}
            maxLength={120}
            value={block.name ?? ''}
            onChange={(event) => deeds.name(block, event.target.value)}
            onKeyDown={keys}
            onCopy={(event) => copy(event, false)}
            onCut={(event) => copy(event, true)}
            onPaste={(event) => {
                const text = event.clipboardData.getData('text');
                if (!/\n|^\s*[[{]/.test(text.trim())) return;
                event.preventDefault();
                deeds.paste(block.key, text);
            }}
        />
    );
}
