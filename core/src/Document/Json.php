<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use JsonException;

/** Reads JSON as documents need it: objects stay objects, and no key stands twice in one. */
final class Json
{
    /** Each group of criteria takes two levels. */
    private const DEEPEST = 128;

    /** @throws DocumentError */
    public static function decode(string $json): mixed
    {
        try {
            $value = json_decode($json, false, self::DEEPEST + 1, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw $error->getCode() === JSON_ERROR_DEPTH
                ? DocumentError::at('', 'This is nested more than {most} levels deep.', most: self::DEEPEST)
                : DocumentError::at('', 'This is not JSON: {reason}.', reason: $error->getMessage());
        }
        self::refuseRepeatedKeys($json);

        return $value;
    }

    /** json_decode() takes the last of two keys without a word. $json is known to be JSON. */
    private static function refuseRepeatedKeys(string $json): void
    {
        preg_match_all('/"(?:[^"\\\\]|\\\\.)*+"(\s*+:)?|[{}\[\],]/s', $json, $tokens, PREG_SET_ORDER);
        /** @var list<array<array-key, true>|null> $keys those that each open object has had; null for a list */
        $keys = [];
        /** @var list<array-key> $path where one is in each */
        $path = [];
        foreach ($tokens as $token) {
            $depth = count($keys) - 1;
            switch ($token[0]) {
                case '{':
                    [$keys[], $path[]] = [[], ''];
                    break;
                case '[':
                    [$keys[], $path[]] = [null, 0];
                    break;
                case '}':
                case ']':
                    array_pop($keys);
                    array_pop($path);
                    break;
                case ',':
                    $path[$depth] = $keys[$depth] === null ? (int) $path[$depth] + 1 : '';
                    break;
                default:
                    if (isset($token[1])) {
                        $key = json_decode(rtrim(substr($token[0], 0, -1)));
                        $key = is_string($key) ? $key : '';
                        $path[$depth] = $key;
                        if (isset($keys[$depth][$key])) {
                            throw DocumentError::at(self::pointer($path), '"{key}" stands here twice.', key: $key);
                        }
                        $keys[$depth][$key] = true;
                    }
            }
        }
    }

    /** One step of a JSON pointer (RFC 6901). */
    public static function step(int|string $key): string
    {
        return '/' . str_replace(['~', '/'], ['~0', '~1'], (string) $key);
    }

    /** @param array<array-key> $path */
    private static function pointer(array $path): string
    {
        return implode('', array_map(self::step(...), $path));
    }
}
