<?php

declare(strict_types=1);

namespace App\Words;

use RuntimeException;

/** The locales that there are: resources/words/locales.json. */
final class Locales
{
    /** @var array<string, Locale>|null by their tags */
    private static ?array $all = null;

    /** @return array<string, Locale> by their tags, in their order */
    public static function all(): array
    {
        if (self::$all === null) {
            $file = (string) file_get_contents(dirname(__DIR__, 2) . '/resources/words/locales.json');
            /** @var array<string, array{name: string, words: string, formats?: string, made_up?: bool}> $listed */
            $listed = json_decode($file, true, 4, JSON_THROW_ON_ERROR);
            self::$all = [];
            foreach ($listed as $tag => $one) {
                $formats = $one['formats'] ?? $tag;
                self::$all[$tag] = new Locale($tag, $one['name'], $one['words'], $formats, $one['made_up'] ?? false);
            }
        }

        return self::$all;
    }

    /** @return array<string, Locale> that people may choose */
    public static function offered(): array
    {
        return config()->boolean('baton.made_up_locales')
            ? self::all()
            : array_filter(self::all(), static fn(Locale $one): bool => !$one->madeUp);
    }

    /** That of the house: for whoever has chosen none, and for what is written for everybody. */
    public static function ofHouse(): Locale
    {
        $tag = config()->string('baton.locale');

        return self::all()[$tag] ?? throw new RuntimeException("There is no locale \"{$tag}\" (BATON_LOCALE).");
    }

    public static function chosen(?string $tag): Locale
    {
        return self::offered()[$tag ?? ''] ?? self::ofHouse();
    }
}
