<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use App\Bridge\LockedHouse;
use App\DomainEvents\About;
use App\DomainEvents\EventLog;
use App\DomainEvents\MessagePrepared as Prepared;
use App\Models\People\Team;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Subject\Effect\MessagePrepared;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Subject;

/** @implements OutsideRecorder<MessagePrepared> */
final class RecordMessage implements OutsideRecorder
{
    public static function records(): string
    {
        return MessagePrepared::class;
    }

    public function record(
        ReachesOutside $effect,
        Subject $of,
        LockedHouse $locked,
        EventLog $events,
        array $made,
    ): void {
        $house = $locked->house->snapshot;
        $recipients = array_map(
            static fn(Recipient $one): Recipient => new Recipient(
                $one->kind,
                match ($one->kind) {
                    RecipientKind::Person => (string) $house->idOf($one->id),
                    RecipientKind::Team => Team::query()->where('slug', $one->id)->firstOrFail()->id,
                    RecipientKind::Customer => $one->id,
                },
            ),
            $effect->draft->recipients,
        );
        $events->add(
            About::subject($of),
            null,
            new Prepared($effect->draft->for($recipients), $locked->house->state->versionId),
        );
    }
}
