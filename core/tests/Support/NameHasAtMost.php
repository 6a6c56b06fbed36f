<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Workload\LoadView;

/** The limit of docs/adding-a-kind.md: at most so many letters, or vowels, in a name. */
final readonly class NameHasAtMost implements Limit
{
    public function __construct(public int $letters, public bool $onlyVowels = false) {}

    public static function kind(): string
    {
        return 'name_has_at_most';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('letters', new WholeNumber(1, 20)),
            Parameter::optional('only_vowels', new YesNo(), false),
        ];
    }

    public static function inputs(): array
    {
        return [];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $letters = strlen($this->onlyVowels ? (string) preg_replace('/[^aeiou]/i', '', $person->name) : $person->name);

        return $letters <= $this->letters ? null : ['letters' => $letters, 'at_most' => $this->letters];
    }
}
