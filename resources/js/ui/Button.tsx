import clsx from 'clsx';
import type { ButtonHTMLAttributes, ReactNode } from 'react';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
    look?: 'main' | 'plain' | 'quiet' | 'grave';
    children: ReactNode;
};

const LOOKS = {
    main: 'bg-pine text-on-pine border-pine hover:opacity-90',
    plain: 'bg-paper text-ink border-ink2 hover:bg-pine-wash',
    quiet: 'bg-transparent text-sky border-transparent hover:underline px-1',
    grave: 'bg-paper text-brick border-brick hover:bg-pine-wash',
};

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: Props) {
    return (
        <button
            type={type}
            className={clsx(
                'inline-flex min-h-8 items-center gap-2 rounded border px-3 py-1 text-sm font-medium',
                'whitespace-nowrap disabled:cursor-not-allowed disabled:opacity-50',
                LOOKS[look],
                className,
            )}
            {...rest}
        />
    );
}
