<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Access\Audit;
use App\Access\Difference;
use App\Explain\SweepWords;
use App\Http\Viewer;
use App\Models\Access\AuditRecord;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\Tasks\TaskKind;
use Illuminate\Support\Collection;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Subject\Completion;

/**
 * Changes of the house in sentences: who did what, and what was before and after. Its type is ChangesPage.ts.
 *
 * @phpstan-type Line array{id: int, at: string, who: string, said: string, lines: list<array{label: string,
 *     before: string, after: string}>}
 */
final class ChangeLines
{
    private const LONGEST = 300;

    /** What ids in a row are those of. */
    private const NAMED = [
        'owner_id' => Person::class,
        'responsible_id' => Person::class,
        'deputy_id' => Person::class,
        'lead_id' => Person::class,
        'person_id' => Person::class,
        'place_id' => Place::class,
        'parent_id' => Place::class,
        'merged_into_id' => Customer::class,
        'asked_by' => User::class,
        'decided_by' => User::class,
        'task_kind_id' => TaskKind::class,
    ];

    /** @var array<string, string> names by id */
    private array $names = [];

    private readonly CodedValues $codes;

    public function __construct(private readonly Viewer $viewer)
    {
        $this->codes = new CodedValues($viewer->words());
    }

    /**
     * @param Collection<int, AuditRecord> $records with their causers
     *
     * @return list<Line>
     */
    public function of(Collection $records): array
    {
        $this->learn($records);

        return array_values($records->map($this->line(...))->all());
    }

    /** @return Line */
    private function line(AuditRecord $record): array
    {
        $words = $this->viewer->words()->words;
        $properties = self::properties($record);
        $slots = array_map(
            static fn(mixed $value): string => is_scalar($value) ? (string) $value : '',
            $properties + ['name' => '', 'number' => '', 'gone' => '', 'lines' => ''],
        );
        $path = Audit::words((string) $record->log_name, (string) $record->event);
        $causer = $record->causer;

        return [
            'id' => (int) $record->id,
            'at' => (string) $record->created_at?->toIso8601ZuluString(),
            'who' =>
                $causer instanceof User
                    ? $causer->name
                    : $words->say('audit.system', ['system' => $slots['system'] ?? '']),
            // What was recorded before its words were, or without a name, is said as it was recorded.
            'said' =>
                $words->has($path) && ($slots['name'] !== '' || !str_contains($words->message($path), '{name}'))
                    ? $words->say($path, $slots)
                    : (string) $record->description,
            'lines' => $this->differences((array) ($properties['old'] ?? []), (array) ($properties['now'] ?? [])),
        ];
    }

    /**
     * @param array<array-key, mixed> $old
     * @param array<array-key, mixed> $now
     *
     * @return list<array{label: string, before: string, after: string}>
     */
    private function differences(array $old, array $now): array
    {
        $lines = [];
        foreach (array_keys(array_diff_key($now + $old, array_flip([...Difference::SILENT, 'slug']))) as $key) {
            [$before, $after] = [$this->text($key, $old[$key] ?? null), $this->text($key, $now[$key] ?? null)];
            if ($before !== $after) {
                $lines[] = [
                    'label' => $this->label((string) $key) ?? (string) $key,
                    'before' => $before,
                    'after' => $after,
                ];
            }
        }

        return $lines;
    }

    /** @return string|null that of a member or a field; null: it is a code of the house's own */
    private function label(string $key): ?string
    {
        $words = $this->viewer->words()->words;
        $path = 'audit.members.' . preg_replace('/_id$/', '', $key);

        return $words->has($path) ? $words->say($path) : $this->viewer->snapshot()->catalogue->find($key)?->label;
    }

    private function text(int|string $key, mixed $value): string
    {
        $words = $this->viewer->words()->words;
        $text = match (true) {
            $value === null || $value === '' || $value === [] => '',
            is_bool($value) => $words->say($value ? 'audit.yes' : 'audit.no'),
            is_array($value) && $key === 'asks' => $this->asked($value),
            is_array($value) && $key === 'to_complete' => $this->needed(Completion::read($value)),
            is_array($value) && $key === 'sweep' => (new SweepWords($this->viewer->words()))->say(Node::root($value)),
            ($code = $this->codes->say($key, $value)) !== null => $code,
            is_array($value) => $this->listed($value),
            $value === RosterFormat::FURTHER_NOTICE => $words->say('audit.further_notice'),
            isset(self::NAMED[$key]) && is_string($value) => $this->names[$value] ?? $value,
            is_scalar($value) => $this->value((string) $key, (string) $value),
            default => '',
        };

        return mb_strimwidth($text, 0, self::LONGEST, '…');
    }

    /** Of a field of the house what people call its value. */
    private function value(string $key, string $value): string
    {
        $house = $this->viewer->snapshot();
        $field = $house->catalogue->find($key);

        return match ($field?->type) {
            FieldType::Person => $house->roster->people[$value]->name ?? $value,
            default => $field->options[$value] ?? $value,
        };
    }

    /** @param array<array-key, mixed> $asks fields that a kind of task asks for */
    private function asked(array $asks): string
    {
        $catalogue = $this->viewer->snapshot()->catalogue;
        $named = [];
        foreach ($asks as $one) {
            $path = is_array($one) && is_string($one['path'] ?? null) ? $one['path'] : '';
            $label = $catalogue->find($path)->label ?? $path;
            $named[] =
                is_array($one) && ($one['required'] ?? false) === true
                    ? $this->viewer->words()->words->say('audit.asked_for', ['field' => $label])
                    : $label;
        }

        return implode(', ', $named);
    }

    private function needed(Completion $completion): string
    {
        $words = $this->viewer->words();
        $said = array_map($words->field(...), $completion->fields);
        foreach ([Completion::CHECKLIST, Completion::FILE, Completion::NOTE] as $what) {
            if ($completion->write()[$what]) {
                $said[] = $words->words->say("completion.{$what}");
            }
        }

        return implode(', ', $said);
    }

    /** @param array<array-key, mixed> $values */
    private function listed(array $values): string
    {
        $parts = [];
        foreach ($values as $key => $value) {
            $text = $this->text($key, $value);
            if ($text !== '') {
                $label = $this->label((string) $key);
                $parts[] = $label === null ? $text : "{$label}: {$text}";
            }
        }

        return implode(array_is_list($values) ? '; ' : ', ', $parts);
    }

    /**
     * The names of all that ids in the changes are those of, by a query for each table.
     *
     * @param Collection<int, AuditRecord> $records
     */
    private function learn(Collection $records): void
    {
        $ids = [];
        foreach ($records as $record) {
            $properties = self::properties($record);
            foreach (['old', 'now'] as $side) {
                foreach (array_intersect_key((array) ($properties[$side] ?? []), self::NAMED) as $member => $id) {
                    $ids[self::NAMED[$member]][] = $id;
                }
            }
        }
        foreach ($ids as $model => $wanted) {
            $known = array_unique(array_filter($wanted, is_string(...)));
            foreach (
                (new $model())
                    ->newQuery()
                    ->whereKey($known)
                    ->get(['id', 'name'])
                as $row
            ) {
                $this->names[(string) $row->id] = (string) $row->name;
            }
        }
    }

    /** @return array<string, mixed> */
    private static function properties(AuditRecord $record): array
    {
        $properties = [];
        foreach ($record->properties ?? [] as $name => $value) {
            $properties[(string) $name] = $value;
        }

        return $properties;
    }
}
