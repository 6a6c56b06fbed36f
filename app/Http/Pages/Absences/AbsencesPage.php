<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\Minimums;
use App\Bridge\AbsenceReader;
use App\Fields\Choices;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Rules\Vocabulary;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\Absences\AbsenceSubstitute;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\AbsenceAction;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\Conflict;
use OpenBaton\Core\Absence\Conflicts;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Rulebook\KindRegistry;

/** Who is away now, who will be, who asks to be. Its type is AbsencesPage.ts. */
final readonly class AbsencesPage
{
    private const MOST = 200;

    private const WEEKS_BACK = 8;

    public function __construct(private Viewer $viewer, private AbsenceChart $chart) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        $user = $this->viewer->user();

        return [
            'absences' => fn(): array => $this->absences(),
            'chart' => fn(): array => $this->chart->props(),
            'groups' => fn(): array => $user->leads()
                ? array_map(
                    static fn(array $group): array => [
                        'value' => "{$group['of']}:{$group['slug']}",
                        'label' => $group['name'],
                        'minimum' => $group['minimum'],
                    ],
                    $this->chart->groups,
                )
                : [],
            'people' => fn(): array => Choices::people($this->viewer->snapshot()->roster),
            'kinds' => array_column(AbsenceKind::cases(), 'value'),
            'heldPolicies' => array_column(HeldPolicy::cases(), 'value'),
            'handBackPolicies' => array_column(HandBackPolicy::cases(), 'value'),
            'vocabulary' => fn(): array => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'self' => $user->person?->slug,
            'leads' => $user->leads(),
        ];
    }

    /** @return list<array<string, mixed>> in order of their begin */
    private function absences(): array
    {
        $leads = $this->viewer->user()->leads();
        $own = $this->viewer->person()?->id;
        $since = CarbonImmutable::now()->subWeeks(self::WEEKS_BACK);
        $absences = Absence::query()
            ->with(['person', 'substitutes'])
            ->where(
                static fn(Builder $recent): Builder => $recent
                    ->where('last_day', '>=', $since->format('Y-m-d'))
                    ->orWhere('to', '>=', $since),
            )
            ->when(
                !$leads,
                static fn(Builder $query): Builder => $query->where(
                    static fn(Builder $seen): Builder => $seen
                        ->where('status', AbsenceStatus::Approved)
                        ->orWhere('person_id', $own),
                ),
            )
            ->orderByDesc('created_at')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();
        $lines = array_values(
            $absences
                ->map(fn(Absence $absence): array => $this->line($absence, $leads || $absence->person_id === $own))
                ->all(),
        );
        usort(
            $lines,
            static fn(array $one, array $other): int => [$one['from'], $one['id']] <=> [$other['from'], $other['id']],
        );

        return $lines;
    }

    /** @return array<string, mixed> */
    public function line(Absence $absence, bool $whole): array
    {
        $known = AbsenceReader::of($absence, $this->viewer->snapshot());
        $now = CarbonImmutable::now()->getTimestamp();
        $user = $this->viewer->user();
        $may = static fn(AbsenceAction $action, string $ability): bool => $absence->fits($action, $known, $now) &&
            $user->can($ability, $absence);
        $decides = $may(AbsenceAction::Decide, 'decide');
        // Whoever decides of somebody else's declines it.
        $declines = $decides && $absence->person_id !== $user->person?->id;

        return [
            'id' => $absence->id,
            'person' => PersonRef::orNull($absence->person),
            'from' => Instant::format($known->span->from),
            'to' => Instant::format($known->span->to),
            'first' => $absence->first_day?->format('Y-m-d'),
            'last' => $absence->last_day?->format('Y-m-d'),
            'state' => match (true) {
                $absence->status !== AbsenceStatus::Approved => $absence->status->value,
                $known->span->to <= $now => 'over',
                $known->span->from <= $now => 'running',
                default => 'coming',
            },
            // Why somebody is away is theirs and the lead's to know.
            'kind' => $whole ? $absence->kind->value : null,
            'note' => $whole ? $absence->reason : null,
            'word' => $whole ? $absence->decided_word : null,
            'conflicts' =>
                $whole && $absence->status->isAlive() && $known->span->to > $now ? $this->conflicts($known) : [],
            'substitutes' => array_values(
                $absence->substitutes
                    ->map(
                        static fn(Person $person): array => PersonRef::of($person) + [
                            'only' => $person->pivot instanceof AbsenceSubstitute ? $person->pivot->only : null,
                        ],
                    )
                    ->all(),
            ),
            'held' => $absence->held->value,
            'handBack' => $absence->hand_back->value,
            'handedOver' => $absence->handed_over_at !== null,
            'may' => [
                'decide' => $decides,
                'end' => !$declines && $may(AbsenceAction::End, 'end'),
                'plan' => $user->can('plan', $absence),
                'change' => $may(AbsenceAction::Change, 'change'),
                'handOver' => $may(AbsenceAction::HandOver, 'decide'),
            ],
        ];
    }

    /** @return list<string> what stands against an absence, be it of its substitutes or of who is left */
    public function conflicts(CoreAbsence $absence): array
    {
        $words = $this->viewer->words();
        $short = array_map(
            static fn(array $short): string => $words->words->say('absence.conflicts.too_few', [
                'name' => $short['name'],
                'there' => $short['there'],
                'minimum' => $short['minimum'],
                'day' => $words->day($short['days'][0]),
                'more' => count($short['days']) - 1,
            ]),
            Minimums::shortBy($absence, $this->chart->strength, $this->chart->groups),
        );

        return [
            ...array_map($this->conflict(...), Conflicts::of($absence, $this->viewer->snapshot()->roster)),
            ...$short,
        ];
    }

    private function conflict(Conflict $conflict): string
    {
        $words = $this->viewer->words();

        return $words->words->say("absence.conflicts.{$conflict->kind->value}", [
            'person' => $conflict->personId === null ? '' : $words->person($conflict->personId),
            'from' => $conflict->span === null ? '' : $words->moment(Instant::format($conflict->span->from)),
            'to' => $conflict->span === null ? '' : $words->moment(Instant::format($conflict->span->to)),
        ]);
    }
}
