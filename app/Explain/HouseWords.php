<?php

declare(strict_types=1);

namespace App\Explain;

use App\Bridge\Snapshot;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Zone;

/** What the house calls what stands in documents as codes, and moments in the zone of the reader. */
final readonly class HouseWords
{
    public function __construct(public Words $words, private Snapshot $house, private Zone $zone) {}

    public function person(?string $slug): string
    {
        return ($this->house->roster->people[$slug ?? ''] ?? null)->name ?? (string) $slug;
    }

    /** @return array{slug: string, name: string} */
    public function named(string $slug): array
    {
        return ['slug' => $slug, 'name' => $this->person($slug)];
    }

    public function team(string $slug): string
    {
        return ($this->house->roster->teams[$slug] ?? null)->name ?? $slug;
    }

    public function skill(string $slug): string
    {
        return $this->house->roster->skills[$slug] ?? $slug;
    }

    public function field(string $path): string
    {
        return $this->house->catalogue->any($path)->label ?? $path;
    }

    public function checklist(string $slug): string
    {
        return ($this->house->checklists[$slug] ?? null)->name ?? $slug;
    }

    public function runsheet(string $slug): string
    {
        return $this->house->runsheets[$slug] ?? $slug;
    }

    /** What a field is compared with: a value, another field, a day seen from now, or a team. */
    public function operand(string $path, string $operator, mixed $operand): string
    {
        $other = is_array($operand) ? $operand['field'] ?? null : null;
        $now = is_array($operand) ? $operand['now'] ?? null : null;
        $shape = OperatorList::find($operator)?->shape();

        return match (true) {
            is_string($other) => $this->words->say('value.of_field', ['field' => $this->field($other)]),
            is_string($now) && $shape === OperandShape::Days => $this->distance($now),
            is_string($now) => $this->relative($now),
            $shape === OperandShape::Team && is_string($operand) => $this->team($operand),
            $shape === OperandShape::Pair && is_array($operand) => $this->words->say('value.pair', [
                'low' => $this->value($path, $operand[0] ?? null),
                'high' => $this->value($path, $operand[1] ?? null),
            ]),
            $shape === OperandShape::FromTo && is_array($operand) => $this->words->say('value.from_to', [
                'from' => $this->value($path, $operand[0] ?? null),
                'to' => $this->value($path, $operand[1] ?? null),
            ]),
            $operand === null => '',
            default => $this->value($path, $operand),
        };
    }

    private function relative(string $day): string
    {
        return match ($day[0]) {
            '+' => $this->words->say('offset.in', ['span' => $this->distance($day)]),
            '-' => $this->words->say('offset.ago', ['span' => $this->distance($day)]),
            default => $this->words->say("offset.{$day}"),
        };
    }

    /** How far from a day, on whichever side: "+5 working_days" in documents. */
    public function distance(string $offset): string
    {
        $parsed = Offset::parse($offset);

        return $this->words->say("offset.{$parsed->unit->value}", ['amount' => abs($parsed->amount)]);
    }

    /** A value of a field, as it stands in documents. */
    public function value(string $path, mixed $value): string
    {
        if (is_array($value)) {
            return implode(', ', array_map(fn(mixed $one): string => $this->value($path, $one), $value));
        }
        $field = $this->house->catalogue->any($path);

        return match (true) {
            $value === null || $value === '' => $this->words->say('value.empty'),
            is_bool($value) => $this->words->say($value ? 'value.yes' : 'value.no'),
            !is_scalar($value) => '',
            default => $this->scalar($value, $field),
        };
    }

    private function scalar(string|int|float $value, ?Field $field): string
    {
        return match ($field?->type) {
            FieldType::Person => $this->person((string) $value),
            FieldType::Money => config()->string('baton.currency') .
                ' ' .
                $this->words->number((float) $value, floor((float) $value) === (float) $value ? 0 : 2),
            // What is compared with a date may be a number of days.
            FieldType::Date => is_string($value) ? $this->day($value) : (string) $value,
            FieldType::Duration => $this->duration(Duration::parse((string) $value)),
            default => $field->options[(string) $value] ?? (string) $value,
        };
    }

    public function duration(int $minutes): string
    {
        [$hours, $rest] = [intdiv($minutes, 60), $minutes % 60];

        return match (true) {
            $hours === 0 => $this->words->say('value.minutes', ['minutes' => $rest]),
            $rest === 0 => $this->words->say('value.hours', ['hours' => $hours]),
            default => $this->words->say('value.hours_minutes', ['hours' => $hours, 'minutes' => $rest]),
        };
    }

    /** A moment written in RFC 3339, in the zone of the reader. */
    public function moment(string $instant): string
    {
        return $this->words->date('EEEdMMMHHmm', (int) strtotime($instant), $this->zone->name);
    }

    /** The end of an absence; one that ends at midnight is said by its last day. */
    public function until(string $instant): string
    {
        $at = (int) strtotime($instant);

        return ($at + $this->zone->offsetAt($at)) % 86400 === 0
            ? $this->words->say('value.until_end_of', [
                'day' => $this->words->date('EEEdMMM', $at - 1, $this->zone->name),
            ])
            : $this->words->say('value.until', ['moment' => $this->moment($instant)]);
    }

    /** A date, without a zone. */
    public function day(string $date): string
    {
        return $this->words->date('EEEdMMM', (int) strtotime("{$date} UTC"), 'UTC');
    }
}
