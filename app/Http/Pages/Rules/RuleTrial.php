<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Bridge\RulebookReader;
use App\Bridge\TaskSubjects;
use App\Coverage\HoldAgainstRecent;
use App\Coverage\RuleOnRecent;
use App\Explain\ReasonTrail;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use App\Rules\TryRules;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\SubjectKind;

/** A rule of the draft held against the recent work, with whom it would give the latest of it to now. */
final readonly class RuleTrial
{
    public function __construct(
        private Viewer $viewer,
        private RulebookReader $rulebooks,
        private HoldAgainstRecent $hold,
        private TryRules $try,
    ) {}

    /** @return array<string, mixed>|null a RuleTrial of RuleTrial.ts; null: there is no such rule */
    public function of(RulebookVersion $draft, string $id): ?array
    {
        $house = $this->viewer->house();
        $documents = array_values((array) $draft->rules);
        $document = collect($documents)->first(
            static fn(mixed $one): bool => is_array($one) && ($one['id'] ?? null) === $id,
        );
        if (!is_array($document)) {
            return null;
        }
        $all = $this->rulebooks->compileDraft($documents, $house->snapshot);
        $rule = collect($all->rulebook->rules)->first(static fn(Rule $one): bool => $one->id === $id);
        $recent = ($this->hold)($document['if'] ?? null, $rule, $all, $house);

        return [
            'of' => ($rule?->about() ?? SubjectKind::Task)->value,
            'looked' => $recent->looked,
            'most' => HoldAgainstRecent::MOST,
            'held' => $recent->held,
            'counts' => (object) $recent->counts,
            'tasks' => $rule === null ? [] : $this->tasks($recent, $rule, $all),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function tasks(RuleOnRecent $recent, Rule $rule, CompiledRulebook $all): array
    {
        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->whereKey(array_keys($recent->caught))
            ->orderByDesc('number')
            ->get();
        $decisions = $this->try->each($tasks, $this->viewer->house(), $all->rulebook, $rule);
        $trail = new ReasonTrail($this->viewer->words());
        $lines = [];
        foreach ($tasks as $task) {
            $before = $recent->caught[$task->id] ?? null;
            $lines[] =
                [
                    'id' => $task->id,
                    'number' => $task->number,
                    'title' => $task->title,
                    'before' => $before === null ? null : $all->rulebook->rules[$before]->name,
                ] + $this->pick($decisions[$task->id], $trail);
        }

        return $lines;
    }

    /** @return array{others: int, pick: array{slug: string, name: string}|null, summary: string} */
    private function pick(Decision $decision, ReasonTrail $trail): array
    {
        return [
            'others' => count($decision->sharing->withIds ?? []),
            'pick' => $decision->assigneeId === null ? null : $this->viewer->words()->named($decision->assigneeId),
            'summary' => $trail->brief(DecisionFormat::write($decision))['summary'],
        ];
    }
}
