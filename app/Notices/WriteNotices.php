<?php

declare(strict_types=1);

namespace App\Notices;

use App\DomainEvents\AbsenceDecided;
use App\DomainEvents\ApprovalOver;
use App\DomainEvents\ApproverReminded;
use App\DomainEvents\CommentMade;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\PeopleTold;
use App\DomainEvents\PersonMentioned;
use App\DomainEvents\SeatChanged;
use App\DomainEvents\SentBack;
use App\DomainEvents\WorkCovered;
use App\Models\Events\NoticeKind;
use App\Models\People\Person;
use OpenBaton\Core\Absence\CoverMoveKind;
use OpenBaton\Core\Rulebook\SeatName;

/** Tells people what has happened to their tasks and cases by the doing of others, never what they did themselves. */
final class WriteNotices implements EventConsumer
{
    public static function name(): string
    {
        return 'notices';
    }

    public static function kinds(): array
    {
        return [
            SeatChanged::class,
            WorkCovered::class,
            PeopleTold::class,
            PersonMentioned::class,
            CommentMade::class,
            SentBack::class,
            AbsenceDecided::class,
            ApprovalOver::class,
            ApproverReminded::class,
        ];
    }

    public function consume(array $events): void
    {
        $doers = self::doers(...$events);
        KeepNotices::keep(
            array_merge(
                ...array_map(
                    fn(HandedEvent $one): array => $this->told($one, $doers[(string) $one->userId] ?? null),
                    $events,
                ),
            ),
        );
    }

    /** @return array<string, string> people by their sign-ins */
    private static function doers(HandedEvent ...$events): array
    {
        $users = array_filter(array_unique(array_map(static fn(HandedEvent $one): ?string => $one->userId, $events)));
        $doers = [];
        foreach (
            $users === []
                ? []
                : Person::query()
                    ->whereIn('user_id', $users)
                    ->get(['id', 'user_id'])
            as $person
        ) {
            $doers[(string) $person->user_id] = $person->id;
        }

        return $doers;
    }

    /** @return list<NewNotice> */
    private function told(HandedEvent $of, ?string $doer): array
    {
        $event = $of->event;
        $notices = match (true) {
            $event instanceof SeatChanged => self::changed($of, $event),
            $event instanceof WorkCovered => self::covered($of, $event),
            $event instanceof PeopleTold => array_map(
                static fn(string $id): NewNotice => self::of($of, $id, NoticeKind::Told, text: $event->text),
                $event->peopleIds,
            ),
            $event instanceof PersonMentioned => [self::of($of, $event->personId, NoticeKind::Mentioned, $doer)],
            $event instanceof CommentMade => array_map(
                static fn(string $id): NewNotice => self::of(
                    $of,
                    $id,
                    $event->fromCustomer ? NoticeKind::CustomerSaid : NoticeKind::Commented,
                    $doer,
                ),
                $event->peopleIds,
            ),
            $event instanceof SentBack => array_map(
                static fn(string $id): NewNotice => self::of($of, $id, NoticeKind::SentBack, $doer, $event->why),
                $event->peopleIds,
            ),
            $event instanceof AbsenceDecided => [
                new NewNotice(
                    $of->at,
                    $event->personId,
                    $event->approved ? NoticeKind::AbsenceApproved : NoticeKind::AbsenceDeclined,
                    otherId: $doer,
                    text: $event->word,
                    chain: $of->chain,
                    link: "/absences/{$event->absenceId}",
                ),
            ],
            $event instanceof ApprovalOver => array_map(
                static fn(string $id): NewNotice => self::of(
                    $of,
                    $id,
                    NoticeKind::ofApproval($event->outcome),
                    text: $event->name,
                ),
                $event->peopleIds,
            ),
            $event instanceof ApproverReminded => [
                self::of($of, $event->personId, NoticeKind::AnswerWanted, $doer, $event->name),
            ],
            default => [],
        };

        return array_values(array_filter($notices, static fn(NewNotice $one): bool => $one->personId !== $doer));
    }

    private static function of(
        HandedEvent $of,
        string $personId,
        NoticeKind $kind,
        ?string $otherId = null,
        ?string $text = null,
    ): NewNotice {
        return new NewNotice($of->at, $personId, $kind, $of->about, $otherId, $text, $of->chain);
    }

    /** @return list<NewNotice> */
    private static function changed(HandedEvent $of, SeatChanged $event): array
    {
        $notices = [];
        if ($event->toId !== null) {
            $notices[] = match (true) {
                $event->forId !== null => self::of($of, $event->toId, NoticeKind::Covers, $event->forId),
                $event->seat === SeatName::Reviewer => self::of(
                    $of,
                    $event->toId,
                    NoticeKind::Reviews,
                    text: $event->rule,
                ),
                $event->rule !== null => self::of($of, $event->toId, NoticeKind::Routed, text: $event->rule),
                default => self::of($of, $event->toId, NoticeKind::Got, $event->fromId),
            };
        }
        if ($event->fromId !== null) {
            $notices[] = self::of(
                $of,
                $event->fromId,
                $event->rule === null ? NoticeKind::Lost : NoticeKind::RoutedAway,
                $event->toId ?? $event->leftToId,
                $event->rule,
            );
        }

        return $notices;
    }

    /** @return list<NewNotice> */
    private static function covered(HandedEvent $of, WorkCovered $event): array
    {
        $told = match ($event->kind) {
            CoverMoveKind::Passes => [
                [$event->toId, NoticeKind::Covers, $event->forId],
                [$event->forId, NoticeKind::Covered, $event->toId],
            ],
            CoverMoveKind::PassesOn => [
                [$event->toId, NoticeKind::Covers, $event->forId],
                [$event->fromId, NoticeKind::Lost, $event->toId],
                [$event->forId, NoticeKind::Covered, $event->toId],
            ],
            CoverMoveKind::ComesBack => [
                [$event->forId, NoticeKind::Back, $event->fromId],
                [$event->fromId, NoticeKind::GivenBack, $event->forId],
            ],
            CoverMoveKind::Stays => [
                [$event->toId, NoticeKind::Keeps, $event->forId],
                [$event->forId, NoticeKind::Kept, $event->toId],
            ],
        };
        $notices = [];
        foreach ($told as [$personId, $kind, $otherId]) {
            if ($personId !== null) {
                $notices[] = self::of($of, $personId, $kind, $otherId);
            }
        }

        return $notices;
    }
}
