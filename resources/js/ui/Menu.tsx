import clsx from 'clsx';
import { DropdownMenu as Radix } from 'radix-ui';
import { useState, type ReactNode } from 'react';

/** note: what stands beside it, such as the key that does the same */
type Item = { label: string; run: () => void; disabled?: boolean; note?: string; grave?: boolean };

export function Menu({ trigger, items }: { trigger: ReactNode; items: Item[] }) {
    // Within the page's main part: what stands beside all parts is told of by none.
    const [main, setMain] = useState<HTMLElement | null>(null);
    return (
        <Radix.Root modal={false} onOpenChange={() => setMain(document.getElementById('main'))}>
            <Radix.Trigger asChild>{trigger}</Radix.Trigger>
            <Radix.Portal container={main}>
                <Radix.Content align="end" sideOffset={4} collisionPadding={8} className="box z-50 min-w-44 p-1">
                    {items.map((item) => (
                        <Radix.Item
                            key={item.label}
                            data-key={item.note}
                            aria-keyshortcuts={item.note}
                            disabled={item.disabled ?? false}
                            onSelect={item.run}
                            className={clsx(
                                'flex min-h-8 cursor-pointer items-center justify-between gap-6 rounded px-3 py-1.5',
                                'outline-none after:font-mono after:text-xs after:text-ink2',
                                "data-[key]:after:content-[attr(data-key)_/_'']",
                                'data-[disabled]:cursor-default data-[disabled]:text-ink2 data-[disabled]:opacity-60',
                                'data-[highlighted]:bg-pine-wash',
                                item.grave === true && 'text-brick',
                            )}
                        >
                            {item.label}
                        </Radix.Item>
                    ))}
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    );
}
