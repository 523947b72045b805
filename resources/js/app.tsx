import { createInertiaApp } from '@inertiajs/react';
import { setNonce } from 'get-nonce';
import { createRoot } from 'react-dom/client';
import type { ComponentType } from 'react';
import { startWorker } from '@/offline/keep-pages';
import { GlovePad } from '@/shared/ui/glove-pad';
import { ServerNotice } from '@/shared/ui/server-notice';
import { StaleSheet } from '@/shared/ui/stale-sheet';
import { markForms } from '@/shared/lib/form-id';
import { applyTheme, storedTheme } from '@/shared/lib/theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? '';
setNonce(nonce);
applyTheme(storedTheme());
markForms();
startWorker();

const pages = import.meta.glob<{ default: ComponentType }>('./pages/**/*.tsx');

void createInertiaApp({
    title: (title) => (title ? `${title} – Geodex` : 'Geodex'),
    resolve: async (name) => {
        const page = pages[`./pages/${name}.tsx`];
        if (!page) throw new Error(`There is no page ${name}.`);
        return (await page()).default;
    },
    setup({ el, App, props }) {
        // What a person chose for themselves holds in every browser.
        const own = props.initialPage.props.user?.theme;
        if (own) applyTheme(own);
        createRoot(el).render(
            <>
                <App {...props} />
                <ServerNotice />
                <StaleSheet />
                <GlovePad />
            </>,
        );
    },
    progress: { delay: 300, color: '#f5c431' },
    nonce,
});
