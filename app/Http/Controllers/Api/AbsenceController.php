<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Absences\AskAbsence;
use App\Absences\EndAbsence;
use App\Http\Requests\Absences\AbsenceRequest;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\Instant;

/** The absences of the owner of a token, and no others. */
final readonly class AbsenceController
{
    public function __construct(private Viewer $viewer) {}

    public function index(Request $request): JsonResponse
    {
        $page = Latest::page($request, Absence::query()->where('person_id', $this->person()->id)->with('substitutes'));

        return new JsonResponse([
            'absences' => array_map(self::document(...), $page->rows),
            'before' => $page->before,
        ]);
    }

    public function store(AbsenceRequest $request, AskAbsence $ask): JsonResponse
    {
        $asked = null;
        $replayed = Once::asked($request, $this->viewer->user(), function () use ($request, $ask, &$asked): void {
            $asked = $ask(
                $request->person(),
                $request->terms(),
                Gate::allows('enter', Absence::class),
                $this->viewer->actor(),
            );
        });
        $absence =
            $asked ??
            ($request->terms()->sameOf($request->person(), AbsenceStatus::Approved) ??
                ($request->terms()->sameOf($request->person(), AbsenceStatus::Asked) ?? abort(404)));

        return new JsonResponse(
            self::document($absence->load('substitutes')),
            $replayed ? 200 : 201,
            Once::headers($replayed),
        );
    }

    public function end(string $absence, Request $request, EndAbsence $end): JsonResponse
    {
        $own = Absence::query()->with('person')->where('person_id', $this->person()->id)->findOrFail($absence);
        Gate::authorize('end', $own);
        $replayed = Once::asked($request, $this->viewer->user(), fn() => $end($own, $this->viewer->actor()));

        return new JsonResponse(
            self::document(Absence::query()->with('substitutes')->findOrFail($own->id)),
            200,
            Once::headers($replayed),
        );
    }

    private function person(): Person
    {
        return $this->viewer->person() ?? abort(403);
    }

    /** @return array<string, mixed> */
    private static function document(Absence $absence): array
    {
        return [
            'id' => $absence->id,
            'kind' => $absence->kind->value,
            'status' => $absence->status->value,
            'first' => $absence->first_day?->format('Y-m-d'),
            'last' => $absence->last_day?->format('Y-m-d'),
            'from' => Instant::orNull($absence->from?->getTimestamp()),
            'to' => Instant::orNull($absence->to?->getTimestamp()),
            'note' => $absence->reason,
            'word' => $absence->decided_word,
            'substitutes' => array_values(
                $absence->substitutes->map(static fn(Person $one): string => $one->slug)->all(),
            ),
        ];
    }
}
