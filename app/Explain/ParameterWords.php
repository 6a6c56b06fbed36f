<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\Control;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\WorkingSpan;

/** Says values of parameters, by what they are edited by; resources/js/lib/parameters.ts does so on the pages. */
final readonly class ParameterWords
{
    public function __construct(private HouseWords $house) {}

    /** @param callable(Family, Node): string $part says a part within the part */
    public function value(ParameterType $type, string $name, Node $value, callable $part): string
    {
        $words = $this->house->words;

        return match ($type::control()) {
            Control::Person => $this->house->person($value->text()),
            Control::Team => $this->house->team($value->text()),
            Control::Skill => $this->house->skill($value->text()),
            Control::Field, Control::SettableField => $this->house->field($value->text()),
            Control::LimitKind => $words->say("limit.{$value->text()}.name"),
            Control::TaskKind => $this->house->value(TaskKindReference::FIELD, $value->value),
            Control::Option => $this->house->value($type instanceof OptionReference ? $type->of : '', $value->value),
            Control::Condition => (new CriteriaWords($this->house))->say($value),
            Control::Runsheet => $this->house->runsheet($value->text()),
            Control::Checklist => $this->house->checklist($value->text()),
            Control::PeopleOrTeam => $this->people($value),
            Control::Assignment => $this->assignment($value, ($type->bounds()['of'] ?? '') === 'people'),
            Control::FieldChange => $this->change($value),
            Control::Give => $part(Family::Pool, $value->get('pool')),
            Control::Part => $type instanceof PartOf ? $part($type->family, $value) : '',
            Control::List => $type instanceof ListOf ? $this->list($type, $name, $value, $part) : '',
            Control::WorkingSpan => $this->span(WorkingSpan::parse($value->text())),
            Control::Minutes => $this->house->duration(Duration::parse($value->text())),
            Control::Date => $this->house->day($value->text()),
            Control::Offset => $this->house->distance($value->text()),
            Control::Recurrence => (new RecurrenceWords($words))->say($value->text()),
            Control::MergedText => $this->merged($value->text()),
            Control::YesNo => $words->say("parameter.{$name}." . ($value->bool() ? 'true' : 'false')),
            Control::Choice => $words->say("parameter.{$name}.{$value->text()}"),
            Control::Rotation,
            Control::ShortText,
            Control::Step,
            Control::TimeOfDay,
            Control::WholeNumber
                => $this->plain($value),
        };
    }

    /** What a sentence goes by: a yes or no, a choice, on which side of a date; "none" where nothing is given. */
    public static function code(ParameterType $type, ?Node $value): string
    {
        return match (true) {
            $value === null => 'none',
            $type::control() === Control::Offset => match (Offset::parse($value->text())->amount <=> 0) {
                -1 => 'before',
                1 => 'after',
                default => 'same',
            },
            is_bool($value->value) => $value->value ? 'true' : 'false',
            is_scalar($value->value) => (string) $value->value,
            default => 'some',
        };
    }

    private function plain(Node $value): string
    {
        return is_scalar($value->value) ? (string) $value->value : '';
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

    /** @param callable(Family, Node): string $part */
    private function list(ListOf $type, string $name, Node $value, callable $part): string
    {
        $between = match (true) {
            !in_array($type->of::control(), [Control::Part, Control::Choice], true) => ', ',
            $type->all => $this->house->words->say('rule.all_of'),
            default => $this->house->words->say('rule.or'),
        };

        return implode(
            $between,
            array_map(fn(Node $one): string => $this->value($type->of, $name, $one, $part), $value->items()),
        );
    }

    private function assignment(Node $value, bool $ofPeople): string
    {
        $path = $value->get('field')->text();

        return $this->house->words->say($ofPeople ? 'field_change.is' : 'field_change.set', [
            'field' => $this->house->field($path),
            'value' => $this->house->value($path, $value->find('value')?->value),
        ]);
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
