<?php

declare(strict_types=1);

namespace App\Words;

use Collator;
use IntlDateFormatter;
use MessageFormatter;
use NumberFormatter;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Slots;
use RuntimeException;

/**
 * The words of the product: ICU messages with named slots, in a file for each
 * module, which the pages read too (resources/js/lib/words.ts).
 */
final class Words
{
    /** @var array<string, array<string, string>> by language and path, such as "limit.skill_at_least.say" */
    private static array $read = [];

    /** @var array<string, string>|null likewise, in the language of these words; read when they are first asked for */
    private ?array $messages = null;

    public readonly Locale $locale;

    private ?Collator $collator = null;

    /** @var array<string, IntlDateFormatter> by skeleton and zone: a page says many dates alike */
    private array $dates = [];

    /** @param array<string, mixed> $more messages besides those of the file, in the same shape */
    public function __construct(?Locale $locale = null, private readonly array $more = [])
    {
        $this->locale = $locale ?? Locales::ofHouse();
    }

    /** @return array<string, string> */
    private function messages(): array
    {
        $words = $this->locale->words;

        return $this->messages ??= self::flat($this->more) + (self::$read[$words] ??= self::flat(self::tree($words)));
    }

    /**
     * @param string $words the folder of a language
     *
     * @return array<array-key, mixed> all its files as one
     */
    public static function tree(string $words): array
    {
        $tree = [];
        foreach (glob(dirname(__DIR__, 2) . "/resources/words/{$words}/{,server/}*.json", GLOB_BRACE) ?: [] as $file) {
            $tree += (array) json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
        }

        return $tree;
    }

    public function has(string $path): bool
    {
        return isset($this->messages()[$path]);
    }

    /** The message as it stands in the file. */
    public function message(string $path): string
    {
        return $this->messages()[$path] ?? throw new RuntimeException("There are no words for \"{$path}\".");
    }

    /** @param array<string, string|int|float> $slots */
    public function say(string $path, array $slots = []): string
    {
        $message = $this->message($path);
        if ($slots === []) {
            return $message;
        }
        $said = MessageFormatter::formatMessage($this->locale->formats, $message, $slots);

        return $said === false
            ? throw new RuntimeException("The words for \"{$path}\" are not a message: {$message}")
            : $said;
    }

    /**
     * What is said where it is thrown, in English: another language goes by the sentence.
     *
     * @param array<array-key, string|int> $slots by name
     */
    public function sentence(string $english, array $slots = []): string
    {
        return Slots::fill($this->messages()["sentence.{$english}"] ?? $english, $slots);
    }

    public function fault(Fault $fault): string
    {
        return $this->sentence($fault->message, $fault->slots);
    }

    public function refusal(Refusal $why): string
    {
        return $this->sentence($why->pattern, $why->slots);
    }

    /**
     * @param string $skeleton which parts of a date are said, such as EEEdMMM; the language says in which order
     * @param int    $at       instant
     */
    public function date(string $skeleton, int $at, string $zone): string
    {
        $none = IntlDateFormatter::NONE;
        $formatter = $this->dates["{$skeleton} {$zone}"] ??= new IntlDateFormatter(
            $this->locale->formats,
            $none,
            $none,
            $zone,
            null,
            $this->locale->pattern($skeleton),
        );

        return (string) $formatter->format($at);
    }

    public function number(float $number, int $places): string
    {
        $formatter = new NumberFormatter($this->locale->formats, NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $places);

        return (string) $formatter->format($number);
    }

    /** The order of texts in the language: below 0 where the first comes first. */
    public function compare(string $one, string $other): int
    {
        return (int) ($this->collator ??= new Collator($this->locale->formats))->compare($one, $other);
    }

    /**
     * @param array<mixed> $tree
     *
     * @return array<string, string>
     */
    private static function flat(array $tree, string $above = ''): array
    {
        $messages = [];
        foreach ($tree as $key => $value) {
            if (is_array($value)) {
                $messages += self::flat($value, "{$above}{$key}.");
            } elseif (is_string($value)) {
                $messages[$above . $key] = $value;
            }
        }

        return $messages;
    }
}
