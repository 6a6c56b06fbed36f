<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Access\Actor;
use App\Approvals\AnswerApproval;
use App\Approvals\AskForApproval;
use App\Cases\ChangeCase;
use App\Cases\MoveCase;
use App\Cases\OpenCase;
use App\Models\Access\User;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use App\Refusals\MoveNotAllowed;
use App\Refusals\NotAnswered;
use App\Tasks\CompleteTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\Workload\TaskStatus;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Cases of ten weeks: opened, moved stage by stage by those who own them, closed; some stand still. */
final class DemoCases
{
    private const TITLES = [
        'hire' => ['Forty clarinets', 'Six cellos', 'A bassoon for the year', 'Trumpets for the band', 'Two harps'],
        'repair' => ['Horn, bent bell', 'Cello, open seam', 'Piano, broken hammers', 'Oboe, cracked joint'],
        'tuning' => ['Hall piano, twice a year', 'Three uprights', 'Concert grand'],
    ];

    /** Of seven cases, on which track they are. */
    private const TRACKS = ['hire', 'hire', 'repair', 'hire', 'repair', 'hire', 'tuning'];

    private readonly Randomizer $random;

    /** @var list<array{string, string}> slug and name */
    private array $customers;

    public function __construct(
        private readonly OpenCase $open,
        private readonly MoveCase $move,
        private readonly ChangeCase $change,
        private readonly AnswerApproval $answer,
        private readonly AskForApproval $ask,
    ) {
        // Its own, so that what else the demo does stays as it is.
        $this->random = new Randomizer(new Mt19937(2208));
        $this->customers = [];
    }

    /** @param int $until instant at which the last may be opened */
    public function plan(DemoHistory $history, CarbonImmutable $begin, int $until, int $number, User $lead): void
    {
        $this->customers = array_values(
            Customer::query()
                ->orderBy('slug')
                ->get(['slug', 'name'])
                ->map(static fn(Customer $one): array => [$one->slug, $one->name])
                ->all(),
        );
        $days = max(1, intdiv($until - $begin->getTimestamp(), 86_400));
        for ($place = 0; $place < $number; ++$place) {
            $day = $begin->addDays(intdiv($place * $days, $number));
            $at = $this->working($day)->getTimestamp();
            if ($at < $until) {
                $history->at($at, fn() => $this->begin($history, $place, $lead));
            }
        }
    }

    private function begin(DemoHistory $history, int $place, User $lead): void
    {
        $track = self::TRACKS[$place % count(self::TRACKS)];
        [$slug] = $this->customers[$this->random->getInt(0, count($this->customers) - 1)];
        $titles = self::TITLES[$track];
        $case = ($this->open)(
            Node::root([
                'track' => $track,
                'title' => $titles[$this->random->getInt(0, count($titles) - 1)],
                'customer' => $slug,
            ]),
            Actor::user($lead),
        );
        // Every eighth stands still after a while; the others go on to their end.
        $this->later($history, $case->id, $place % 8 === 7 ? $this->random->getInt(1, 3) : 99, $lead);
    }

    /** @param int $steps how many more it goes */
    private function later(DemoHistory $history, string $caseId, int $steps, User $lead): void
    {
        $at = $this->working(CarbonImmutable::now()->addDays($this->random->getInt(1, 6)));
        $history->at($at->getTimestamp(), fn() => $this->step($history, $caseId, $steps, $lead));
    }

    private function step(DemoHistory $history, string $caseId, int $steps, User $lead): void
    {
        $case = CustomerCase::query()
            ->with(['track.published', 'owner.user'])
            ->findOrFail($caseId);
        if (!$case->isOpen()) {
            return;
        }
        $this->work($case);
        if ($steps <= 0) {
            return;
        }
        $by = $case->owner->user ?? $lead;
        $case->refresh();
        $stages = $this->stages($case);
        $next = $stages[1 + (int) array_search($case->stage, $stages, true)] ?? null;
        try {
            $next === null ? $this->close($case, $by) : $this->go($case, $next, $by);
        } catch (MoveNotAllowed) {
            // It stays where it is until somebody has done what is missing.
        }
        $this->later($history, $caseId, $steps - 1, $lead);
    }

    /** What is needed before it can go on is filled in, and that moves a hire to its fitting. */
    private function go(CustomerCase $case, string $next, User $by): void
    {
        if ($case->stage === 'fitting' && isset($case->facts['case.terms_signed'])) {
            $this->askAgain($case, $by);
            ($this->move)($case, $case->revision, $next, null, false, Actor::user($by));

            return;
        }
        $day = CarbonImmutable::now()->format('Y-m-d');
        $facts = match ($case->stage) {
            'quote' => ['case.fitting_on' => CarbonImmutable::now()->addWeekdays(3)->format('Y-m-d')],
            'fitting' => [
                'case.terms_signed' => $day,
                'case.term_ends' => CarbonImmutable::now()->addDays(60)->format('Y-m-d'),
            ],
            'agreed' => ['case.terms_signed' => $day],
            'diagnosis' => ['case.estimate' => $this->random->getInt(8, 90) * 10],
            'ready' => ['case.collected_by' => 'the school'],
            default => [],
        };
        // Every tenth is forgotten, so that something is missing.
        if ($facts !== [] && $this->random->getInt(1, 10) > 1) {
            $case = $this->change->fields($case, $case->revision, Node::root(['facts' => $facts]), Actor::user($by));
        }
        if ($case->stage !== $next) {
            ($this->move)($case, $case->revision, $next, null, false, Actor::user($by));
        }
    }

    /** A quote that nobody has said yes to is made again, and asked about again. */
    private function askAgain(CustomerCase $case, User $by): void
    {
        $last = Approval::query()->where('case_id', $case->id)->orderByDesc('id')->first()?->outcome;
        if ($last !== null && $last !== ApprovalOutcome::Yes) {
            $again = 'The quote, made again.';
            ($this->ask)($case, 'Quote', ApprovalRule::all(), ['hanneke-de-wit'], $again, null, Actor::user($by));
        }
    }

    private function close(CustomerCase $case, User $by): void
    {
        $outcomes = array_map(
            static fn(Node $one): string => $one->get('key')->text(),
            Node::root($case->track->published->document ?? [])->itemsOf('outcomes'),
        );
        $this->move->close(
            $case,
            $case->revision,
            $outcomes[$this->random->getInt(0, 4) === 0 ? 1 : 0],
            OpenWork::Drop,
            null,
            false,
            Actor::user($by),
        );
    }

    /** Most of what is open in it is done by whoever has it. */
    private function work(CustomerCase $case): void
    {
        $tasks = Task::query()
            ->with(['assignee.user', 'kind'])
            ->where('case_id', $case->id)
            ->whereIn('status', [TaskStatus::New, TaskStatus::Working])
            ->get();
        foreach ($tasks as $task) {
            $user = $task->assignee?->user;
            if ($user !== null && $this->random->getInt(1, 12) > 1) {
                $user->setRelation('person', $task->assignee);
                if ($task->approval_id !== null) {
                    $this->answer($task, $user);
                    continue;
                }
                app(CompleteTask::class)($task, $user, 'Done for the case.', $task->kind?->usual_minutes, anyway: true);
            }
        }
    }

    /** Most say yes, and some leave it lying. */
    private function answer(Task $task, User $by): void
    {
        $said = $this->random->getInt(1, 8);
        try {
            if ($said > 2) {
                $this->answer->vote($task, Vote::Yes, null, $by);
            } elseif ($said === 2) {
                $this->answer->vote($task, Vote::No, 'More than the instrument is worth.', $by);
            }
        } catch (NotAnswered) {
            // It was settled by others meanwhile, or came to somebody who has worked on it.
        }
    }

    /** @return list<string> keys */
    private function stages(CustomerCase $case): array
    {
        return array_map(
            static fn(Node $one): string => $one->get('key')->text(),
            Node::root($case->track->published->document ?? [])->itemsOf('stages'),
        );
    }

    private function working(CarbonImmutable $day): CarbonImmutable
    {
        $at = $day->setTime(9 + $this->random->getInt(0, 6), $this->random->getInt(0, 59));

        return $at->isWeekend() ? $at->addDays(2) : $at;
    }
}
