<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Minutes;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\HouseToo;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\TaskMade;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Effort;

/**
 * Makes a task for the same customer, in the same case, linked to this one: routed by the rules, or given to whoever a
 * pool names.
 */
final readonly class CreateTask implements ActsBeyond, HouseToo
{
    /** Where the details of a task are kept among its fields. */
    public const DETAILS_FIELD = 'task.details';

    /** Where it is kept how a task came in, and what that is for one that a rule made. */
    public const SOURCE_FIELD = 'task.source';
    public const SOURCE = 'rule';

    private const DETAILS = 2000;

    /**
     * @param int|null     $estimate minutes
     * @param FollowUp|null $due     one that gives a due date; null: none
     * @param Pool|null    $for      null: the rules say whose it is
     * @param bool         $wait     this task waits until the other is done
     * @param bool         $again    also while what this rule made for the same task is open
     * @param bool         $needed   of a task or case in a stage: for that stage
     * @param bool         $sameFields the other has the values of this one in the fields of the house
     */
    public function __construct(
        public string $taskKind,
        public MergedText $title,
        public ?MergedText $details = null,
        public ?int $estimate = null,
        public ?FollowUp $due = null,
        public ?Pool $for = null,
        public bool $wait = false,
        public bool $sameFields = false,
        public bool $again = false,
        public bool $needed = false,
    ) {}

    public static function kind(): string
    {
        return 'create_task';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('task_kind', new TaskKindReference()),
            Parameter::required('title', new MergedTextType(TextLimits::NAME)),
            Parameter::optional('details', new MergedTextType(self::DETAILS, false), null),
            Parameter::optional('estimate', new Minutes(), null),
            Parameter::optional('due', new PartOf(Family::FollowUp, SetsDue::class), null),
            Parameter::optional('for', new PartOf(Family::Pool), null),
            Parameter::optional('wait', new YesNo(), false),
            Parameter::optional('same_fields', new YesNo(), false),
            Parameter::optional('again', new YesNo(), false),
            Parameter::optional('needed', new YesNo(), false),
        ];
    }

    public function effect(Situation $situation): Effect
    {
        $facts = $situation->facts();
        $subject = $situation->subject;
        $kind = $situation->taskCatalogue->kinds[$this->taskKind] ?? null;
        $fields =
            array_filter(
                $situation->carried(),
                fn(string $path): bool => !str_starts_with($path, 'task.') ||
                    ($this->sameFields && Assignment::isSettable($path)),
                ARRAY_FILTER_USE_KEY,
            ) +
            ($kind->defaults ?? []);
        $fields['task.kind'] = $this->taskKind;
        $fields[self::SOURCE_FIELD] = self::SOURCE;
        $fields['task.title'] = mb_substr(
            $this->title->fill($facts, $situation->taskCatalogue->words),
            0,
            TextLimits::NAME,
        );
        if ($this->details !== null) {
            $fields[self::DETAILS_FIELD] = mb_substr(
                $this->details->fill($facts, $situation->taskCatalogue->words),
                0,
                TextLimits::DETAILS,
            );
        }
        $made = new TaskSubject(
            '',
            $situation->change->at,
            new Effort($kind->usualMinutes ?? 0, $this->estimate),
            fields: $fields,
            customerId: $subject->customerId,
            madeById: $subject->id,
            madeByRule: $situation->ruleId,
            textFollows: $this->following($situation, $facts),
        );
        $made = $made->inCase(
            $subject instanceof CaseSubject
                ? $subject->id
                : ($subject instanceof TaskSubject
                    ? $subject->caseId
                    : null),
            $made->stageNow(),
            $this->needed || $kind?->needed === true,
        );
        $due = $this->due?->effect(
            new Situation($situation->change, $made, $situation->roster, $situation->taskCatalogue),
        );
        $made = $due === null ? $made : $due->on($made);

        return $this->for === null
            ? new TaskMade($made, false, $this->wait, $this->again)
            : new TaskMade($this->given($made, $this->for, $situation, $facts), true, $this->wait, $this->again);
    }

    /**
     * What belongs to the other task as well, such as the fields of its customer, is followed; what this one says stays
     * as it was said.
     */
    private function following(Situation $situation, Facts $facts): ?FollowingTexts
    {
        $follows = fn(string $path): bool => !str_starts_with($path, 'task.') ||
            ($this->sameFields && Assignment::isSettable($path));

        return FollowingTexts::of(
            $this->title->pinned($follows, $facts, $situation->taskCatalogue->words),
            $this->details?->pinned($follows, $facts, $situation->taskCatalogue->words),
        );
    }

    private function given(TaskSubject $made, Pool $for, Situation $situation, Facts $facts): TaskSubject
    {
        $roster = $situation->roster;
        $members = $for->members($roster, $facts);
        if ($for->namesOne()) {
            if ($members === []) {
                return $made->heldBy(null);
            }
            $at = $situation->change->at;
            $cover = (new SubstituteFinder($roster))->find(
                $members[0]->personId,
                $at,
                (new ChangeFacts($roster, $roster->lookups))->of(null, $made, $at),
            );

            return $made->heldBy($cover->personId, [], $cover->covering());
        }
        $availability = new Availability($roster);
        $there = array_filter(
            $members,
            static fn(Membership $member): bool => $availability->reasonsAgainst(
                $roster->people[$member->personId],
                $situation->change->at,
            ) === [],
        );

        return $made->heldBy(null, Membership::ids($there));
    }
}
