import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['public', 'vendor', 'node_modules', 'resources/js/types'] },
    ...tseslint.configs.strict,
    hooks.configs.flat['recommended-latest'],
    {
        rules: {
            'no-restricted-imports': ['error', { patterns: [{ group: ['radix-ui'], message: 'Radix is wrapped once, in shared/ui.' }] }],
        },
    },
    { files: ['resources/js/shared/ui/**'], rules: { 'no-restricted-imports': 'off' } },
    { files: ['e2e/**'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
);
