/*
 * Makes two languages up from the English words, to find what is not said by
 * the words, has no room, or does not turn round: every letter is accented,
 * every text a third longer and in brackets; one of the two is written from
 * right to left. Called by the build; what it writes is not kept.
 */
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const PLAIN = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz';
const ACCENTED = 'ÅƁÇÐÉƑĜĤÎĴĶĻṀÑÖÞQ̂ŔŠŢÛṼŴẊÝŽåƀçðéƒĝĥîĵķļɱñöþq̂ŕšţûṽŵẋýž';
const LETTERS = new Map(
    [...PLAIN].map((letter, at) => [letter, [...ACCENTED.normalize('NFC')].filter((one) => one !== '̂')[at]]),
);
const OVERRIDE = '‮';
const END = '‬';

function accented(text) {
    return [...text].map((one) => LETTERS.get(one) ?? one).join('');
}

/** A third longer: vowels come twice until it is. */
function longer(text) {
    let left = Math.ceil([...text].filter((one) => /\p{L}/u.test(one)).length / 3);
    return text.replace(/[aeiou]/g, (vowel) => (left-- > 0 ? vowel + vowel : vowel));
}

function literal(text, turned) {
    if (!/[A-Za-z]/.test(text)) return text;
    const made = accented(longer(text));
    return turned ? `${OVERRIDE}${made}${END}` : made;
}

function changed(parts, turned) {
    return parts.map((part) => {
        if (part.type === TYPE.literal) return { ...part, value: literal(part.value, turned) };
        if (part.type === TYPE.plural || part.type === TYPE.select) {
            const options = Object.entries(part.options).map(([key, one]) => [
                key,
                { ...one, value: changed(one.value, turned) },
            ]);
            return { ...part, options: Object.fromEntries(options) };
        }
        return part;
    });
}

/** A message in brackets, with its slots as they are. */
export function madeUp(message, turned) {
    return `⟦${printAST(changed(parse(message, { ignoreTag: true, shouldParseSkeletons: false }), turned))}⟧`;
}

/** A sentence with its slots in braces, and nothing else that is written in code. */
export function madeUpSentence(sentence, turned) {
    const parts = sentence.split(/(\{\w+\}|:\w+)/);
    return `⟦${parts.map((part, at) => (at % 2 === 1 ? part : literal(part, turned))).join('')}⟧`;
}

function madeUpTree(tree, turned, make = madeUp) {
    return Object.fromEntries(
        Object.entries(tree).map(([key, value]) => [
            key,
            typeof value === 'string' ? make(value, turned) : madeUpTree(value, turned, make),
        ]),
    );
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
    const here = path.dirname(fileURLToPath(import.meta.url));
    for (const [locale, turned] of [
        ['en-XA', false],
        ['ar-XB', true],
    ]) {
        for (const file of readdirSync(path.join(here, 'en'), { recursive: true })) {
            if (!file.endsWith('.json')) continue;
            const words = JSON.parse(readFileSync(path.join(here, 'en', file), 'utf8'));
            const made = madeUpTree(words, turned, 'sentence' in words ? madeUpSentence : madeUp);
            mkdirSync(path.dirname(path.join(here, locale, file)), { recursive: true });
            writeFileSync(path.join(here, locale, file), `${JSON.stringify(made, null, 4)}\n`);
        }
    }
}
