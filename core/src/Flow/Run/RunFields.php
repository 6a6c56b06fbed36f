<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Flow\ApprovalOutcome;

/** What conditions in a runsheet can ask besides the fields of its subject: what was answered before. */
final class RunFields
{
    private const ANSWER = 'answer.';

    public static function path(string $step): string
    {
        return self::ANSWER . $step;
    }

    /**
     * @param array<string, string> $approvals names of steps that ask for approval, by key
     */
    public static function with(FieldCatalogue $fields, array $approvals): FieldCatalogue
    {
        $options = [];
        foreach (ApprovalOutcome::cases() as $outcome) {
            $options[$outcome->value] = $outcome->value;
        }
        $own = [];
        foreach ($approvals as $key => $name) {
            $own[] = new Field(self::path($key), $name, FieldType::OneOf, $options, derived: true);
        }

        return new FieldCatalogue([...array_values($fields->all()), ...$own]);
    }

    /** @param array<string, ApprovalOutcome> $answers by step */
    public static function knowing(Facts $facts, array $answers): Facts
    {
        $values = $facts->values;
        foreach ($answers as $step => $answer) {
            $values[self::path($step)] = $answer->value;
        }

        return $answers === []
            ? $facts
            : new Facts(
                $values,
                $facts->today,
                $facts->before,
                $facts->days,
                $facts->teams,
                $facts->together,
                $facts->kin,
            );
    }
}
