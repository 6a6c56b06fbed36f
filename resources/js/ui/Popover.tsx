import { Popover as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

type Props = { trigger: ReactNode; label: string; children: ReactNode };

/** What a word or a number opens when it is asked. */
export function Popover({ trigger, label, children }: Props) {
    return (
        <Radix.Root>
            <Radix.Trigger asChild>{trigger}</Radix.Trigger>
            <Radix.Portal>
                <Radix.Content
                    aria-label={label}
                    sideOffset={4}
                    collisionPadding={12}
                    className="box z-50 max-h-[60vh] max-w-md overflow-auto p-3 text-sm"
                >
                    {children}
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    );
}
