<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Bridge\IdentifiedRules;
use App\Bridge\SnapshotSource;
use App\Database\Slug;
use App\Models\House\House;
use App\Models\Rules\RulebookVersion;
use App\Words\Words;
use OpenBaton\Core\Document\DocumentError;

/** Rules that many houses begin with, made from a few choices: one more rule at the end of the draft. */
final readonly class ReadyMade
{
    /** What each asks for; a kind of task may always be chosen. */
    public const ASKS = ['round' => 'team', 'skill' => 'skill', 'place' => 'level', 'open' => 'team'];

    private const LONGEST_ID = 60;

    public function __construct(private SnapshotSource $houses, private SaveDraft $save, private Words $words) {}

    /**
     * @param key-of<self::ASKS> $code
     * @param string             $choice id of what it asks for
     * @param string|null        $kind   of tasks; null: all
     *
     * @throws DocumentError where there is no such thing to choose
     */
    public function add(string $code, string $choice, ?string $kind, Actor $by): SavedDraft
    {
        $revision = LockedDraft::revision();
        $known = array_column(IdentifiedRules::workedOn(RulebookVersion::query()->draft()->first())->lines(), 0);
        $label = $this->label($code, $choice);
        $name = $this->words->say("ready.{$code}.name", [
            'choice' => $label,
            'kind' => $this->kind($kind),
        ]);
        $rule = [
            'id' => Slug::among($name, $known, '-', self::LONGEST_ID),
            'name' => $name,
            'active' => true,
            'when' => [['kind' => 'task_arrives']],
            'if' => $kind === null ? ['all' => []] : ['field' => 'task.kind', 'op' => 'is', 'value' => $kind],
            'give' => self::give($code, $choice, $label),
            'then' => [],
        ];

        return ($this->save)([...$known, $rule], $revision, $by);
    }

    /** @return array<string, mixed> */
    private static function give(string $code, string $choice, string $label): array
    {
        $team = ['kind' => 'team', 'team' => $choice, 'with_sub_teams' => false, 'with_lead' => true];
        [$pool, $method] = match ($code) {
            'round' => [$team, ['kind' => 'round_robin', 'rotation' => $label]],
            'skill' => [['kind' => 'skill', 'skill' => $choice, 'level' => 1], ['kind' => 'lightest_load']],
            'place' => [['kind' => 'field', 'field' => "{$choice}.responsible"], ['kind' => 'same_person']],
            default => [$team, ['kind' => 'open']],
        };

        return ['pool' => $pool, 'method' => $method, 'limits' => [], 'otherwise' => ['kind' => 'next_rule']];
    }

    private function label(string $code, string $choice): string
    {
        $roster = $this->houses->current()->roster;
        $house = House::query()->firstOrFail();
        $label = match (self::ASKS[$code]) {
            'team' => ($roster->teams[$choice] ?? null)?->name,
            'skill' => $roster->skills[$choice] ?? null,
            default => $house->answering_level === $choice ? $house->levels()[$choice] ?? null : null,
        };

        return $label ?? throw DocumentError::at('/choice', 'Choose one of those there are.');
    }

    private function kind(?string $slug): string
    {
        return $slug === null
            ? 'all'
            : $this->houses->current()->kindNamed($slug)->name ??
                    throw DocumentError::at('/kind', 'Choose one of those there are.');
    }
}
