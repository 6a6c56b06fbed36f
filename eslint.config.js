import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const WORDS = "What people read stands in resources/words: say('…').";
const SAID = '/^(aria-label|label|title|placeholder|description|hint|note|caption|alt|word|add|send)$/';

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
            'max-lines-per-function': ['error', { max: 100, skipBlankLines: true, skipComments: true }],
            'max-lines': ['error', { max: 250 }],
            // What people read stands in resources/words.
            'no-restricted-syntax': [
                'error',
                { selector: 'JSXText[value=/[A-Za-z]{2}/]', message: WORDS },
                { selector: `JSXAttribute[name.name=${SAID}] > Literal[value=/[A-Za-z]{2}/]`, message: WORDS },
                {
                    selector: `JSXAttribute[name.name=${SAID}] > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]`,
                    message: WORDS,
                },
                {
                    selector: `JSXAttribute[name.name=${SAID}] > JSXExpressionContainer > ConditionalExpression > Literal[value=/[A-Za-z]{2}/]`,
                    message: WORDS,
                },
                { selector: 'JSXElement > JSXExpressionContainer > Literal[value=/[A-Za-z]{2}/]', message: WORDS },
                {
                    selector:
                        'JSXElement > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]',
                    message: WORDS,
                },
                {
                    selector:
                        'JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/[A-Za-z]{2}/]',
                    message: WORDS,
                },
                {
                    selector:
                        'JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]',
                    message: WORDS,
                },
                { selector: 'Property[key.name=/^(label|does)$/] > Literal[value=/[A-Za-z]{2}/]', message: WORDS },
            ],
        },
    },
    { files: ['resources/js/tests/**'], rules: { 'no-restricted-syntax': 'off', 'max-lines-per-function': 'off' } },
);
