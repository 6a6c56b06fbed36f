<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** Every kind of domain event. */
final class EventKinds
{
    /** @var list<class-string<DomainEvent>> */
    public const ALL = [
        TaskChanged::class,
        SubjectChanged::class,
        SeatChanged::class,
        WorkCovered::class,
        PeopleTold::class,
        PersonMentioned::class,
        MessagePrepared::class,
        TaskArrived::class,
        CommentMade::class,
        SentBack::class,
        AbsenceDecided::class,
        WorkEnded::class,
        ApprovalBegun::class,
        ApprovalOver::class,
        ApproverReminded::class,
        RunWanted::class,
    ];

    /**
     * @param array<mixed> $data
     *
     * @return DomainEvent|null null: it is of a kind that is no more
     */
    public static function read(string $code, array $data): ?DomainEvent
    {
        foreach (self::ALL as $class) {
            if ($class::code() === $code) {
                return $class::read(Node::root($data));
            }
        }

        return null;
    }
}
