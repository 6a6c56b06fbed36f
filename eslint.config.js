import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['vendor', 'public', 'node_modules', '.data', 'resources/js/generated'] },
    js.configs.recommended,
    ...ts.configs.strict,
    hooks.configs.flat.recommended,
    {
        files: ['resources/js/**/*.{ts,tsx}', 'app/Http/Pages/*.ts'],
        rules: {
            '@typescript-eslint/no-explicit-any': 'error',
            'no-console': 'error',
            eqeqeq: 'error',
            'max-lines-per-function': ['error', { max: 60 }],
            'max-lines': ['error', { max: 250 }],
        },
    },
);
