<?php

declare(strict_types=1);

namespace App\Words;

use IntlDatePatternGenerator;

/** In which words the product speaks, and how it writes dates and numbers and sorts. */
final readonly class Locale
{
    /**
     * @param string $tag     of BCP 47
     * @param string $name    in its own language
     * @param string $words   the folder of its words
     * @param string $formats the locale of the platform that knows its dates, numbers, plurals and order
     * @param bool   $madeUp  it serves to try the product out
     */
    public function __construct(
        public string $tag,
        public string $name,
        public string $words,
        public string $formats,
        public bool $madeUp = false,
    ) {}

    /** @param string $skeleton which parts of a date are said, such as EEEdMMM */
    public function pattern(string $skeleton): string
    {
        $pattern = (string) (new IntlDatePatternGenerator($this->formats))->getBestPattern($skeleton);

        // Versions of the platform differ in the comma; lib/format.ts leaves it out, too.
        return str_replace('EEE, ', 'EEE ', $pattern);
    }

    /** @return 'rtl'|'ltr' in which its words are written, as HTML has it */
    public function direction(): string
    {
        return in_array(strtok($this->tag, '-'), ['ar', 'fa', 'he', 'ur', 'yi'], true) ? 'rtl' : 'ltr';
    }
}
