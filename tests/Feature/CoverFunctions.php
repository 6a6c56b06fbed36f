<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Clock\SettleAbsences;
use App\Models\Absences\Absence;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\HeldPolicy;
use Tests\Support\Clock;
use Tests\Support\House;

/** Somebody is away on whole days, approved. */
function away(
    string $person,
    string $first,
    string $last,
    array $substitutes,
    HeldPolicy $held = HeldPolicy::FallsDue,
    array $only = [],
): Absence {
    app()->forgetScopedInstances();

    return app(AskAbsence::class)(
        House::person($person),
        new AbsenceTerms(AbsenceKind::Leave, $first, $last, substitutes: $substitutes, only: $only, held: $held),
        true,
        Actor::user(House::user('hanneke')),
    );
}

/** A task of Callum's that is due on a day, at noon; too long to be finished before. */
function due(string $day, string $title = 'Horn'): Task
{
    $task = House::arrive(title: $title);
    $task->update(['due_at' => CarbonImmutable::parse("{$day}T12:00:00Z"), 'estimate_minutes' => 4800]);

    return $task;
}

function clockAt(string $moment): void
{
    Clock::set($moment);
    app()->forgetScopedInstances();
    app(SettleAbsences::class)(CarbonImmutable::now());
}

/** @return list<string> who had it, who got it, why and for whom, in order */
function handoffs(): array
{
    return array_values(
        Handoff::query()
            ->with(['from', 'to', 'standsInFor'])
            ->orderBy('at')
            ->orderBy('id')
            ->get()
            ->map(
                static fn(Handoff $one): string => trim(
                    "{$one->from?->slug} > {$one->to?->slug} {$one->cause->value} " .
                        ($one->standsInFor === null
                            ? ''
                            : "for {$one->standsInFor->slug} until {$one->away_until?->format('m-d H:i')}"),
                ),
            )
            ->all(),
    );
}

/** @return list<string> what somebody is told besides that rules gave them something, and has not put away yet */
function noticesOf(string $person): array
{
    return array_values(
        Notice::query()
            ->unseen()
            ->with('other')
            ->where('person_id', House::person($person)->id)
            ->where('kind', '<>', NoticeKind::Routed)
            ->whereNotNull('task_id')
            ->orderBy('id')
            ->get()
            ->map(static fn(Notice $one): string => "{$one->kind->value} {$one->other?->slug}")
            ->all(),
    );
}
