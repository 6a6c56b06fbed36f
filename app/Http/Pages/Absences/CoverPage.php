<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\PlanCover;
use App\Bridge\AbsenceReader;
use App\Fields\Choices;
use App\Http\Requests\Absences\WhatIfRequest;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\Absences\CoverSetting;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Document\Instant;

/** The cover plan of an absence, or of one that is only thought of. Its type is CoverPage.ts. */
final readonly class CoverPage
{
    public function __construct(
        private Viewer $viewer,
        private PlanCover $plans,
        private NamedLines $named,
        private AbsencesPage $absences,
    ) {}

    /** @return array<string, mixed> */
    public function ofAbsence(Absence $absence): array
    {
        $absence->loadMissing(Absence::WITH);
        $known = AbsenceReader::of($absence, $this->viewer->snapshot());

        return $this->page($known, $this->settings($absence)) + [
            'absence' => fn(): array => $this->absences->line($absence, true),
            'asked' => null,
            'maySet' =>
                $absence->status->isAlive() &&
                $absence->handed_back_at === null &&
                $this->viewer->user()->can('decide', $absence),
        ];
    }

    /** @return array<string, mixed> */
    public function whatIf(WhatIfRequest $request): array
    {
        return $this->page($request->absence($this->viewer->snapshot()->zone), []) + [
            'absence' => null,
            'asked' => [
                'person' => $request->string('person')->toString(),
                'first' => $request->string('first')->toString(),
                'last' => $request->string('last')->toString(),
                'held' => $request->string('held')->toString(),
                'substitutes' => $request->substitutes(),
            ],
            'maySet' => false,
        ];
    }

    /**
     * @param CoreAbsence|null           $absence null: it is not said yet which
     * @param array<string, string|null> $set
     *
     * @return array<string, mixed>
     */
    private function page(?CoreAbsence $absence, array $set): array
    {
        $viewer = $this->viewer;
        $now = CarbonImmutable::now()->getTimestamp();

        return [
            'plan' => fn(): ?array => $absence === null
                ? null
                : (new CoverPlanView($viewer))->of($this->plans->of($absence, $set)),
            'cases' => fn(): array => $absence === null
                ? []
                : (new CoverPlanView($viewer))->cases($this->plans->cases($absence)),
            'named' => fn(): array => $absence === null ? [] : $this->named->during($absence, $now),
            'conflicts' => fn(): array => $absence === null ? [] : $this->absences->conflicts($absence),
            'span' =>
                $absence === null
                    ? null
                    : ['from' => Instant::format($absence->span->from), 'to' => Instant::format($absence->span->to)],
            'people' => static fn(): array => Choices::people($viewer->snapshot()->roster),
            'self' => $viewer->person()?->slug,
            'leads' => $viewer->user()->leads(),
            'policies' => array_column(HeldPolicy::cases(), 'value'),
        ];
    }

    /** @return array<string, string|null> who gets a task, by task, as it was set by hand */
    private function settings(Absence $absence): array
    {
        return CoverSetting::query()
            ->with('person')
            ->where('absence_id', $absence->id)
            ->get()
            ->mapWithKeys(static fn(CoverSetting $one): array => [$one->task_id => $one->person?->slug])
            ->all();
    }
}
