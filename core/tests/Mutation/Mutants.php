<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Mutation;

use PhpToken;

/**
 * Small faults in PHP code, one at a time: what a careful test would notice.
 * Comparisons and arithmetic turned round, conditions negated, bounds moved by
 * one, calls left out.
 */
final class Mutants
{
    private const SWAPS = [
        '<' => '<=',
        '<=' => '<',
        '>' => '>=',
        '>=' => '>',
        '===' => '!==',
        '!==' => '===',
        '+' => '-',
        '-' => '+',
        '*' => '+',
        '%' => '+',
        '&&' => '||',
        '||' => '&&',
        '++' => '--',
        '--' => '++',
        '+=' => '-=',
        '-=' => '+=',
        'true' => 'false',
        'false' => 'true',
        'min' => 'max',
        'max' => 'min',
        'continue' => 'break',
        '<=>' => '===',
    ];

    /** @return list<array{int, string, string}> line, what was changed, and the whole code with it */
    public static function of(string $code): array
    {
        $tokens = PhpToken::tokenize($code);
        $mutants = [];
        foreach ($tokens as $index => $token) {
            foreach (self::instead($tokens, $index) as $text) {
                $changed = $tokens;
                $changed[$index] = new PhpToken($token->id, $text, $token->line, $token->pos);
                $mutants[] = [$token->line, trim($token->text) . ' → ' . trim($text), self::join($changed)];
            }
        }

        return [...$mutants, ...self::withoutCalls($code), ...self::negated($tokens)];
    }

    /**
     * @param list<PhpToken> $tokens
     *
     * @return list<string>
     */
    private static function instead(array $tokens, int $index): array
    {
        $token = $tokens[$index];
        if ($token->is(T_LNUMBER)) {
            return self::isDeclared($tokens, $index) ? [] : [(string) ((int) str_replace('_', '', $token->text) + 1)];
        }
        if ($token->is(['<', '>', '+', '-']) && !self::isBinary($tokens, $index)) {
            return [];
        }
        $isWord = $token->is(T_STRING);
        if ($isWord && in_array($token->text, ['min', 'max'], true) && $tokens[$index + 1]->text !== '(') {
            return [];
        }
        if ($isWord && $token->text === 'true' && self::isMark($tokens, $index)) {
            return [];
        }
        $swap = $token->is([T_CONSTANT_ENCAPSED_STRING, T_COMMENT, T_DOC_COMMENT, T_INLINE_HTML])
            ? null
            : self::SWAPS[$token->text] ?? null;

        return $swap === null ? [] : [$swap];
    }

    /** @param list<PhpToken> $tokens */
    private static function isBinary(array $tokens, int $index): bool
    {
        $before = $tokens[$index - 1] ?? null;
        $before = $before?->is(T_WHITESPACE) === true ? $tokens[$index - 2] ?? null : $before;

        return $before !== null &&
            ($before->is([T_VARIABLE, T_STRING, T_LNUMBER, T_DNUMBER]) || in_array($before->text, [')', ']'], true));
    }

    /**
     * What isset() finds is the key, whatever stands there; and whether
     * in_array() compares strictly is for PHPStan, which knows the types.
     *
     * @param list<PhpToken> $tokens
     */
    private static function isMark(array $tokens, int $index): bool
    {
        $before = implode(
            '',
            array_map(
                static fn(PhpToken $token): string => $token->text,
                array_slice($tokens, max(0, $index - 4), min(4, $index)),
            ),
        );
        $after = $tokens[$index + 1]->text;

        return (str_ends_with($before, '] = ') && $after === ';') ||
            (str_ends_with($before, '=> ') && in_array($after, [',', ']'], true)) ||
            (str_ends_with($before, ', ') && $after === ')');
    }

    /**
     * A number of a constant or of declare() is data, not a step of an algorithm.
     *
     * @param list<PhpToken> $tokens
     */
    private static function isDeclared(array $tokens, int $index): bool
    {
        for ($at = $index - 1; $at >= 0 && !in_array($tokens[$at]->text, [';', '{', '}'], true); --$at) {
            if ($tokens[$at]->is([T_CONST, T_DECLARE])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{int, string, string}> without one statement that is a call */
    private static function withoutCalls(string $code): array
    {
        $lines = explode("\n", $code);
        $mutants = [];
        foreach ($lines as $number => $line) {
            if (preg_match('/^\s+(\$\w+(->|\[)|\+\+|--|array_push|usort|sort|ksort)[^;]*;$/', $line) !== 1) {
                continue;
            }
            $left = $lines;
            $left[$number] = '';
            $mutants[] = [$number + 1, 'without ' . trim($line), implode("\n", $left)];
        }

        return $mutants;
    }

    /**
     * @param list<PhpToken> $tokens
     *
     * @return list<array{int, string, string}> with one condition of an "if" or a ternary "match" turned round
     */
    private static function negated(array $tokens): array
    {
        $mutants = [];
        foreach ($tokens as $index => $token) {
            if (!$token->is([T_IF, T_WHILE])) {
                continue;
            }
            $open = $index + ($tokens[$index + 1]->is(T_WHITESPACE) ? 2 : 1);
            if ($tokens[$open]->text !== '(') {
                // The name of an argument.
                continue;
            }
            $depth = 0;
            for ($close = $open; isset($tokens[$close]); ++$close) {
                $depth += match ($tokens[$close]->text) {
                    '(' => 1,
                    ')' => -1,
                    default => 0,
                };
                if ($depth === 0) {
                    break;
                }
            }
            $changed = $tokens;
            $changed[$open] = new PhpToken($tokens[$open]->id, '(! (', $token->line);
            $changed[$close] = new PhpToken($tokens[$close]->id, '))', $token->line);
            $mutants[] = [$token->line, 'negated', self::join($changed)];
        }

        return $mutants;
    }

    /** @param array<PhpToken> $tokens */
    private static function join(array $tokens): string
    {
        return implode('', array_map(static fn(PhpToken $token): string => $token->text, $tokens));
    }
}
