<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Parameter\ChecklistReference;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\DateType;
use OpenBaton\Core\Parameter\FieldChangeType;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Minutes;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\PeopleOrTeam;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\Parameter\RecurrenceRule;
use OpenBaton\Core\Parameter\SettableField;
use OpenBaton\Core\Parameter\SkillReference;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\WorkingSpan;

/** Says values of parameters, by their type; resources/js/lib/parameters.ts does the same on the pages. */
final readonly class ParameterWords
{
    public function __construct(private HouseWords $house) {}

    /** @param callable(PartOf, Node): string $part says a part within the part */
    public function value(ParameterType $type, string $name, Node $value, callable $part): string
    {
        $words = $this->house->words;

        return match (true) {
            $type instanceof PersonReference => $this->house->person($value->text()),
            $type instanceof TeamReference => $this->house->team($value->text()),
            $type instanceof SkillReference => $this->house->skill($value->text()),
            $type instanceof FieldReference, $type instanceof SettableField => $this->house->field($value->text()),
            $type instanceof TaskKindReference => $this->house->value(TaskKindReference::FIELD, $value->value),
            $type instanceof ChecklistReference => $this->house->checklist($value->text()),
            $type instanceof PeopleOrTeam => $this->people($value),
            $type instanceof Assignment => $words->say(
                ($type->bounds()['of'] ?? '') === 'people' ? 'field_change.is' : 'field_change.set',
                [
                    'field' => $this->house->field($value->get('field')->text()),
                    'value' => $this->house->value($value->get('field')->text(), $value->find('value')?->value),
                ],
            ),
            $type instanceof FieldChangeType => $this->change($value),
            $type instanceof PartOf => $part($type, $value),
            $type instanceof ListOf => $this->list($type, $name, $value, $part),
            $type instanceof WorkingSpanType => $this->span(WorkingSpan::parse($value->text())),
            $type instanceof Minutes => $this->house->duration(Duration::parse($value->text())),
            $type instanceof DateType => $this->house->day($value->text()),
            $type instanceof OffsetType => $this->house->distance($value->text()),
            $type instanceof RecurrenceRule => (new RecurrenceWords($words))->say($value->text()),
            $type instanceof MergedTextType => $this->merged($value->text()),
            $type instanceof YesNo => $words->say("parameter.{$name}." . ($value->bool() ? 'true' : 'false')),
            $type instanceof Choice => $words->say("parameter.{$name}.{$value->text()}"),
            default => is_scalar($value->value) ? (string) $value->value : '',
        };
    }

    /** What a sentence goes by: a yes or no, a choice, on which side of a date; "none" where nothing is given. */
    public static function code(ParameterType $type, ?Node $value): string
    {
        return match (true) {
            $value === null => 'none',
            $type instanceof OffsetType => match (Offset::parse($value->text())->amount <=> 0) {
                -1 => 'before',
                1 => 'after',
                default => 'same',
            },
            is_bool($value->value) => $value->value ? 'true' : 'false',
            is_scalar($value->value) => (string) $value->value,
            default => 'some',
        };
    }

    /** With the labels of the fields that are merged in. */
    private function merged(string $text): string
    {
        return (string) preg_replace_callback(
            '/~([^~|]+)(\|[^~]*)?~/',
            fn(array $found): string => $this->house->words->say('merged.field', [
                'field' => $this->house->field(trim($found[1])),
            ]),
            $text,
        );
    }

    /** @param callable(PartOf, Node): string $part */
    private function list(ListOf $type, string $name, Node $value, callable $part): string
    {
        $or = $type->of instanceof PartOf || $type->of instanceof Choice;

        return implode(
            $or ? $this->house->words->say('rule.or') : ', ',
            array_map(fn(Node $one): string => $this->value($type->of, $name, $one, $part), $value->items()),
        );
    }

    private function people(Node $value): string
    {
        return $value->has('team')
            ? $this->house->words->say('value.team', ['team' => $this->house->team($value->get('team')->text())])
            : implode(
                $this->house->words->say('rule.or'),
                array_map($this->house->person(...), $value->textsOf('people')),
            );
    }

    private function change(Node $value): string
    {
        $path = $value->get('field')->text();
        $how = $value->find('how')?->text() ?? 'any';
        if ($how === 'values') {
            $how = $value->has('from') ? ($value->has('to') ? 'from_to' : 'from') : 'to';
        }

        return $this->house->words->say("field_change.{$how}", [
            'field' => $this->house->field($path),
            'from' => $this->house->value($path, $value->find('from')?->value),
            'to' => $this->house->value($path, $value->find('to')?->value),
        ]);
    }

    private function span(WorkingSpan $span): string
    {
        return $span->minutes === null
            ? $this->house->words->say('value.working_days', ['count' => $span->days ?? 0])
            : $this->house->words->say('value.working_time', ['time' => $this->house->duration($span->minutes)]);
    }
}
