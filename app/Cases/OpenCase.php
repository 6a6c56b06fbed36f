<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\ChangeRunner;
use App\Bridge\CustomerSource;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Database\Id;
use App\Fields\FieldProviders;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Known;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Rulebook\Event\CaseOpens;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/** Opens a case by hand, or from a task, which belongs to it then; rules say whose it is where nobody does. */
final readonly class OpenCase
{
    public function __construct(
        private Houses $houses,
        private TaskSubjects $tasks,
        private ChangeRunner $runner,
        private CustomerSource $customers,
        private FieldProviders $fields,
    ) {}

    /**
     * @param Node        $document track, title, stage, customer, owner, above, facts, task
     * @param string|null $key      under which it is opened once; done again, the first is answered
     *
     * @throws DocumentError with where it is wrong
     */
    public function __invoke(Node $document, Actor $by, ?string $key = null): CustomerCase
    {
        return DB::transaction(function () use ($document, $by, $key): CustomerCase {
            $locked = $this->houses->lock();
            $there = $key === null ? null : CustomerCase::query()->where('key', $key)->first();
            if ($there !== null) {
                return $there;
            }
            $at = CarbonImmutable::now()->getTimestamp();
            $case = $this->read($document, $locked->house, $at, $by, Id::next());
            $facts = $locked->house->router()->facts;
            $changes = [
                new ChangeSet(
                    "opened-{$case->id}",
                    $at,
                    null,
                    $case,
                    $facts->of(null, $case, $at),
                    Cause::Person,
                    placed: $case->holderId !== null,
                ),
            ];
            $rows = [];
            $task = $document->has('task') ? $this->task($document->get('task')) : null;
            if ($task !== null) {
                $rows[$task->id] = $task;
                $before = $this->tasks->of($task, $locked->house);
                $after = $before
                    ->inCase($case->id, $case->stage(), $before->needed)
                    ->seeing(CaseFields::ofCase($case, $locked->house->snapshot->roster->house->zone()));
                $changes[] = new ChangeSet(
                    "opened-{$case->id}-{$task->id}",
                    $at,
                    $before,
                    $after,
                    $facts->of($before, $after, $at),
                    Cause::Person,
                );
            }
            $this->runner->run($locked, self::occasion($at, $by), $changes, $rows);

            $opened = CustomerCase::query()->findOrFail($case->id);
            if ($key !== null) {
                $opened->update(['key' => $key]);
            }

            return $opened;
        }, attempts: 3);
    }

    /** @throws DocumentError with where it is wrong */
    public function read(Node $document, HouseAt $at, int $now, Actor $by, string $id): CaseSubject
    {
        $house = $at->snapshot;
        $document->only(['track', 'title', 'stage', 'customer', 'owner', 'above', 'facts', 'tags', 'task']);
        $trackId = $document->get('track')->line(TextLimits::LABEL);
        $track =
            $house->tracks[$trackId] ?? throw $document->get('track')->fail('There is no track "{id}".', id: $trackId);
        $stage = $document->find('stage')?->line(TextLimits::LABEL) ?? $track->first()->key;
        if (!$track->takes($stage)) {
            throw $document->get('stage')->fail('No case is opened in the stage "{key}".', key: $stage);
        }
        $fields = [CaseFields::TITLE => $document->get('title')->line(TextLimits::NAME)];
        $fields += array_filter(
            GivenFacts::read($document->find('facts'), $house),
            static fn(mixed $value): bool => $value !== null,
        );
        $slug = $document->find('customer')?->line(TextLimits::ID);
        $customer = $slug === null ? null : $this->customers->named($slug, $at);
        if ($slug !== null && $customer === null) {
            throw $document->get('customer')->fail('There is no customer "{slug}".', slug: $slug);
        }
        $seen = $this->fields->ofCustomer($customer, TaskSource::ByHand, $house->fieldContext());

        return new CaseSubject(
            $id,
            $now,
            $trackId,
            Stays::begin($stage, $now),
            null,
            $document->has('owner') ? Known::person($document->get('owner'), $house->roster->people) : null,
            [],
            array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $document->itemsOf('tags')),
            $fields + array_filter($seen, static fn(mixed $value): bool => $value !== null),
            customerId: $customer?->id,
            creatorId: $by->user?->person === null ? null : $house->personSlugs[$by->user->person->id] ?? null,
            parentId: $document->has('above') ? $this->above($document->get('above')) : null,
        );
    }

    private static function occasion(int $at, Actor $by): Occasion
    {
        return new Occasion(
            $at,
            Cause::Person,
            CaseOpens::kind(),
            $by->user?->id,
            $by->system,
            handoff: HandoffCause::Given,
        );
    }

    private function above(Node $node): string
    {
        $case = CustomerCase::query()->open()->find($node->text());

        return $case === null ? throw $node->fail('There is no open case of this id.') : $case->id;
    }

    private function task(Node $node): Task
    {
        $task = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->find($node->text());

        return match (true) {
            $task === null => throw $node->fail('There is no task of this id.'),
            $task->case_id !== null => throw $node->fail('The task belongs to a case already.'),
            default => $task,
        };
    }
}
