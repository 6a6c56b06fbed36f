<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Http\Pages\Messages\MessageView;
use App\Models\Cases\TrackVersion;
use App\Models\Duties\Duty;
use App\Models\Rollouts\Rollout;
use App\Models\Rules\RulebookVersion;
use App\Models\Runsheets\RunsheetVersion;
use Illuminate\Support\Facades\DB;

/** The texts of the house's data, as against those of the product. */
final class HouseTexts
{
    /** Columns with texts that people of the house have written, or their names. */
    private const COLUMNS = [
        'houses' => ['name', 'customer_tiers', 'place_levels', 'calendars'],
        'users' => ['name', 'email'],
        'people' => ['name', 'email', 'phone', 'attribute_list', 'intake_paused_reason'],
        'teams' => ['name'],
        'skills' => ['name'],
        'places' => ['name'],
        'fields' => ['path', 'label', 'options', 'form_label'],
        'checklists' => ['slug', 'name', 'items'],
        'customers' => ['name'],
        'customer_contacts' => ['name', 'role', 'email', 'phone'],
        'task_kinds' => ['slug', 'name', 'form_label'],
        'duties' => ['name'],
        'guides' => ['name'],
        'guide_versions' => ['name', 'text'],
        'guide_links' => ['target'],
        'messages' => ['recipient_name', 'address', 'subject', 'text'],
        'tasks' => ['title', 'description', 'contact', 'tags', 'facts', 'checklist', 'outcome_note', 'waiting_for'],
        'cases' => ['title', 'tags', 'facts'],
        'comments' => ['body'],
        'absences' => ['reason', 'decided_word'],
        'handoffs' => ['reason'],
        'task_changes' => ['reason'],
        'rulebook_versions' => ['note'],
        'rotations' => ['name'],
        'sweeps' => ['name'],
        'notices' => ['text'],
        'reminders' => ['text'],
        'personal_access_tokens' => ['name'],
    ];

    private const OF_RULES = ['name', 'title', 'details', 'text', 'tag', 'label', 'rotation', 'reason'];

    /** @return list<string> each once, the longest first */
    public static function all(): array
    {
        $texts = [];
        foreach (self::COLUMNS as $table => $columns) {
            foreach (DB::table($table)->get($columns) as $row) {
                foreach ((array) $row as $value) {
                    array_push($texts, ...self::of($value));
                }
            }
        }
        // Of rules and tracks what people have written in them, not the codes of their parts.
        foreach (
            [
                ...RulebookVersion::query()->pluck('rules'),
                ...TrackVersion::query()->pluck('document'),
                ...Duty::query()->pluck('document'),
                ...Rollout::query()->pluck('document'),
                ...RunsheetVersion::query()->pluck('document'),
            ]
            as $document
        ) {
            $document = (array) $document;
            array_walk_recursive($document, static function (mixed $one, int|string $key) use (&$texts): void {
                if (is_string($one) && in_array($key, self::OF_RULES, true)) {
                    // With fields merged in, what stands between them.
                    array_push($texts, $one, ...explode('~', $one));
                }
            });
        }
        $texts = array_values(array_unique(array_filter($texts, static fn(string $one): bool => strlen($one) > 1)));
        usort($texts, static fn(string $a, string $b): int => strlen($b) <=> strlen($a));

        return $texts;
    }

    /** @return list<string> a text, or all that a document holds, line by line */
    private static function of(mixed $value): array
    {
        if (!is_string($value)) {
            return [];
        }
        $document = json_decode($value, true);
        $texts = is_array($document) ? self::leaves($document) : [$value];

        return array_merge(
            ...array_map(
                static fn(string $text): array => [$text, MessageView::heading($text), ...explode("\n", $text)],
                $texts,
            ),
        );
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<string>
     */
    private static function leaves(array $document): array
    {
        $texts = [];
        array_walk_recursive($document, static function (mixed $one) use (&$texts): void {
            if (is_string($one)) {
                $texts[] = $one;
            }
        });

        return $texts;
    }
}
