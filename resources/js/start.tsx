import { createInertiaApp } from '@inertiajs/react';
import type { ComponentType, ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { setNonce } from 'get-nonce';
import { watchOutages } from './lib/outage';
import { watchRefused } from './lib/refused';
import { Frame } from './parts/Frame';

type Page = { default: ComponentType & { layout?: (page: ReactNode) => ReactNode } };

const pages = import.meta.glob<Page>('./pages/*/*.tsx');

setNonce(document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? '');

watchOutages();
watchRefused();

void createInertiaApp({
    title: (title) => (title === '' ? 'Open Baton' : `${title} · Open Baton`),
    resolve: async (name) => {
        const load = pages[`./pages/${name}.tsx`];
        if (load === undefined) {
            throw new Error(`There is no page ${name}.`);
        }
        const page = await load();
        page.default.layout ??= (content) => <Frame>{content}</Frame>;
        return page;
    },
    setup: ({ el, App, props }) => createRoot(el).render(<App {...props} />),
    // Its style stands in app.css: style sheets that scripts make bear the number of the page.
    progress: { includeCSS: false, delay: 400, showSpinner: false },
});
