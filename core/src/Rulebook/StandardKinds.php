<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Flow\Gate;
use OpenBaton\Core\Flow\Run\Date;
use OpenBaton\Core\Flow\Run\Step;

/** Every kind of part of rules, tracks and runsheets, by its family, in the order in which they are offered. */
final class StandardKinds
{
    /** @var array<string, list<class-string<Part>>> by family */
    public const BY_FAMILY = [
        'event' => [
            Event\TaskArrives::class,
            Event\StatusBecomes::class,
            Event\StatusLeaves::class,
            Event\FieldChanges::class,
            Event\HolderChanges::class,
            Event\ReviewerChanges::class,
            Event\MarkedToHandOn::class,
            Event\TagOn::class,
            Event\TagOff::class,
            Event\CommentAdded::class,
            Event\FileAdded::class,
            Event\Mentioned::class,
            Event\MessageGivenUp::class,
            Event\ChecklistComplete::class,
            Event\Dropped::class,
            Event\DateReached::class,
            Event\Schedule::class,
            Event\Pressed::class,
            Event\CaseOpens::class,
            Event\StageBecomes::class,
            Event\StageLeft::class,
            Event\OwnerChanges::class,
            Event\CustomerAdded::class,
            Event\CaseCloses::class,
            Event\ApprovalSettled::class,
            Event\RunOver::class,
        ],
        'pool' => [
            Pool\TeamMembers::class,
            Pool\NamedPeople::class,
            Pool\SkilledPeople::class,
            Pool\PeopleWithAttribute::class,
            Pool\PeopleWithField::class,
            Pool\PeopleOfPlace::class,
            Pool\PersonInField::class,
            Pool\Union::class,
            Pool\Intersection::class,
            Pool\DoerOf::class,
            Pool\Except::class,
            Pool\Weighted::class,
        ],
        'method' => [
            Method\RoundRobin::class,
            Method\LightestLoad::class,
            Method\EarliestFinish::class,
            Method\BestMatch::class,
            Method\InOrder::class,
            Method\SamePerson::class,
            Method\Everyone::class,
            Method\Open::class,
        ],
        'limit' => [
            Limit\OpenTasksAtMost::class,
            Limit\SkillAtLeast::class,
            Limit\LoadRatioAtMost::class,
            Limit\OnNow::class,
            Limit\FinishBeforeDue::class,
            Limit\NoAbsenceBeforeFinish::class,
        ],
        'otherwise' => [
            Otherwise\NextRule::class,
            Otherwise\WaitUnplaced::class,
            Otherwise\AskPerson::class,
            Otherwise\AskLead::class,
            Otherwise\OpenToTeam::class,
            Otherwise\DropLimit::class,
        ],
        'follow_up' => [
            FollowUp\DueIn::class,
            FollowUp\DueFrom::class,
            FollowUp\DueFollows::class,
            FollowUp\DueEndOf::class,
            FollowUp\SetPriority::class,
            FollowUp\StepPriority::class,
            FollowUp\SetStatus::class,
            FollowUp\AddTag::class,
            FollowUp\RemoveTag::class,
            FollowUp\SetField::class,
            FollowUp\ClearField::class,
            FollowUp\PutChecklist::class,
            FollowUp\CreateTask::class,
            FollowUp\GiveOwner::class,
            FollowUp\Watch::class,
            FollowUp\Tell::class,
            FollowUp\Message::class,
            FollowUp\MoveStage::class,
            FollowUp\AskApproval::class,
            FollowUp\OpenCase::class,
            FollowUp\CloseCase::class,
            FollowUp\GiveCase::class,
            FollowUp\StartRunsheet::class,
        ],
        'gate' => [
            Gate\NeededWorkDone::class,
            Gate\FieldFilled::class,
            Gate\CriteriaHold::class,
            Gate\ApprovalGiven::class,
            Gate\RunFinished::class,
        ],
        'step' => [
            Step\TaskStep::class,
            Step\ApprovalStep::class,
            Step\WaitFor::class,
            Step\WaitUntil::class,
            Step\WaitHolds::class,
            Step\ActStep::class,
            Step\RunsheetStep::class,
        ],
        'step_date' => [Date\AfterStart::class, Date\AfterOpening::class, Date\AfterStep::class, Date\ByField::class],
    ];
}
