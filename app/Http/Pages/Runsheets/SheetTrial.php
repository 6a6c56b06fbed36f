<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Bridge\SubjectRows;
use App\Http\Pages\Rules\RulebookPage;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Runsheets\ReadRunsheet;
use App\Runsheets\RunMoments;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Run\BlockState;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Flow\Run\Trial\RunTrial;
use OpenBaton\Core\Flow\Run\Trial\TrialDeed;
use OpenBaton\Core\Flow\Run\Trial\TrialDeedKind;
use OpenBaton\Core\Rulebook\Condition;
use WeakMap;

/** A run of a runsheet that is being written, which makes nothing: how far it is after what was said to happen. */
final readonly class SheetTrial
{
    public function __construct(private Viewer $viewer, private ReadRunsheet $read, private SubjectRows $subjects) {}

    /**
     * @param list<TrialDeed>        $deeds
     * @param array<array-key, bool> $holds whether conditions hold, by the key of their block; others are asked
     * @param Task|CustomerCase|null $of    null: a subject that is made up, of which nothing is known
     *
     * @return array<string, mixed> run: null where what stands against it lets it not run
     */
    public function of(Node $document, array $deeds, array $holds, Task|CustomerCase|null $of): array
    {
        try {
            $sheet = ($this->read)($document);
        } catch (DocumentError $error) {
            return ['faults' => RulebookPage::faults($error->faults), 'run' => null];
        }
        $house = $this->viewer->house();
        $subject = $this->subjects->subject($of, $house);
        [$run, $moment] = RunTrial::through(
            $sheet,
            RunMoments::now($subject, $house, self::supposed($sheet, $holds)),
            $deeds,
        );

        return [
            'faults' => [],
            'run' => [
                'at' => Instant::format($moment->at),
                'state' => $run->state->value,
                'steps' => array_map(
                    static fn(Step $step): array => self::step($step, $run),
                    array_values($sheet->steps()),
                ),
            ],
        ];
    }

    /**
     * @param array<array-key, bool> $holds
     *
     * @return WeakMap<Condition, bool>
     */
    private static function supposed(Runsheet $sheet, array $holds): WeakMap
    {
        /** @var WeakMap<Condition, bool> $supposed */
        $supposed = new WeakMap();
        foreach ($holds as $key => $does) {
            $condition = ($sheet->blocks[$key] ?? null)?->condition();
            if ($condition !== null) {
                $supposed[$condition] = $does;
            }
        }

        return $supposed;
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, Run $run): array
    {
        $state = $run->of($step->key());

        return [
            'key' => $step->key(),
            'name' => $step->name,
            'state' => $state->state->value,
            'round' => $state->round,
            'why' => $state->why?->value,
            'answer' => $state->answer?->value,
            'at' => Instant::orNull($state->settledAt ?? $state->reachedAt),
            'wakesAt' => Instant::orNull($state->wakesAt),
            'can' => array_map(
                static fn(TrialDeedKind $kind): string => $kind->value,
                $run->isRunning() ? self::can($step, $state) : [],
            ),
        ];
    }

    /** @return list<TrialDeedKind> */
    private static function can(Step $step, BlockState $state): array
    {
        return match (true) {
            $state->state === StepState::Stopped => [TrialDeedKind::Again, TrialDeedKind::Without],
            $state->state->isSettled() && $state->reachedAt !== null => [TrialDeedKind::Back],
            $state->state !== StepState::Open => [],
            $step->does instanceof ApprovalStep => [TrialDeedKind::Yes, TrialDeedKind::No, TrialDeedKind::NoAnswer],
            $step->makes() => [TrialDeedKind::Done, TrialDeedKind::Dropped],
            default => [TrialDeedKind::Done],
        };
    }
}
