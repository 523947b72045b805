import { readdirSync } from 'node:fs';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const RADIX = { group: ['radix-ui'], message: 'Radix is wrapped once, in shared/ui.' };

/** Features do not know each other: what two of them need belongs to shared. */
const walls = readdirSync('resources/js/features').map((feature) => ({
    files: [`resources/js/features/${feature}/**`],
    rules: {
        'no-restricted-imports': [
            'error',
            {
                patterns: [
                    RADIX,
                    { group: ['@/features/*', `!@/features/${feature}`], message: 'Features do not import each other; share it.' },
                    { group: ['@/pages/*'], message: 'Pages are thin, and stand above features.' },
                ],
            },
        ],
    },
}));

export default tseslint.config(
    { ignores: ['public', 'vendor', 'node_modules', 'resources/js/types'] },
    ...tseslint.configs.strict,
    hooks.configs.flat['recommended-latest'],
    a11y.flatConfigs.recommended,
    {
        rules: {
            // The cursor belongs where the next thing is typed: hands are full, and a sheet's first field is what it is there for.
            'jsx-a11y/no-autofocus': 'off',
            // A table that scrolls sideways is reached by keyboard.
            'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['tabpanel', 'region'], allowExpressionValues: true }],
        },
    },
    { rules: { 'no-restricted-imports': ['error', { patterns: [RADIX] }] } },
    ...walls,
    {
        files: ['resources/js/shared/**'],
        rules: {
            'no-restricted-imports': [
                'error',
                { patterns: [{ group: ['@/features/*', '@/pages/*'], message: 'Shared knows no feature.' }] },
            ],
        },
    },
    { files: ['e2e/**'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
);
