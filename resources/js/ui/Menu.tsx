import clsx from 'clsx';
import { DropdownMenu as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

type Item = { label: string; run: () => void; disabled?: boolean };

export function Menu({ trigger, items }: { trigger: ReactNode; items: Item[] }) {
    return (
        <Radix.Root>
            <Radix.Trigger asChild>{trigger}</Radix.Trigger>
            <Radix.Portal>
                <Radix.Content align="end" sideOffset={4} collisionPadding={8} className="box z-50 min-w-44 p-1">
                    {items.map((item) => (
                        <Radix.Item
                            key={item.label}
                            disabled={item.disabled ?? false}
                            onSelect={item.run}
                            className={clsx(
                                'cursor-pointer rounded px-3 py-1.5 outline-none data-[disabled]:cursor-default',
                                'data-[disabled]:text-ink2 data-[disabled]:opacity-60 data-[highlighted]:bg-pine-wash',
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
