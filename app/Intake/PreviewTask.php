<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\RotationStore;
use App\Bridge\WorkReader;
use App\Models\Access\User;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\TaskSubject;

/** Who would get a task if it came now, and why; nothing is changed, and no turn of a rotation is taken. */
final readonly class PreviewTask
{
    public function __construct(private Houses $houses, private IncomingTaskReader $reader, private RouteTask $route) {}

    /**
     * @return array<string, mixed> a decision
     *
     * @throws DocumentError with all that is wrong with it
     */
    public function __invoke(Node $document, User $by): array
    {
        $house = $this->houses->now();
        $ready = $this->ready($document, $by, $house);
        $work = WorkReader::of($ready->needs, $house->snapshot);

        return DecisionFormat::write(
            $house
                ->router()
                ->decide($ready->change, $work, RotationStore::read($ready->needs->rotations, $house->snapshot)),
        );
    }

    /**
     * The task as it would come.
     *
     * @throws DocumentError with all that is wrong with it
     */
    public function subject(Node $document, User $by, HouseAt $house): TaskSubject
    {
        return $this->ready($document, $by, $house)->subject;
    }

    private function ready(Node $document, User $by, HouseAt $house): ReadyToRoute
    {
        $incoming = $this->reader->read($document, TaskSource::ByHand, $house);

        return $this->route->ready(new Arrival($by, null, $by->person?->slug), $incoming, $house);
    }
}
