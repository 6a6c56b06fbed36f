<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Question;
use App\Intake\ReadyToRoute;
use Illuminate\Database\Connection;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rings;
use OpenBaton\Core\Workload\Work;
use stdClass;

/**
 * What one sees in one's turn: the turn, the rotations and the work in hand
 * that a decision may look at, all by one way to the database and back, since
 * others wait for their turn.
 */
final readonly class SeenInTurn
{
    /** @param list<array<int, stdClass>> $work what was answered to WorkReader::asking() */
    private function __construct(
        public Connection $database,
        public Turn $turn,
        public RotationStore $rotations,
        private Needs $foreseen,
        private array $work,
    ) {}

    /** Waits for one's turn, and sees then what was foreseen that it needs. */
    public static function by(ReadyToRoute $ready, Connection $database): self
    {
        $needs = $ready->needs;
        $answers = Question::askAll($database, Turn::taking($needs->rotations), ...WorkReader::asking($needs, $ready->house));
        $turn = array_shift($answers) ?? [];

        return new self($database, Turn::of($turn), new RotationStore($needs->rotations, $turn), $needs, $answers);
    }

    public function work(ReadyToRoute $ready): Work
    {
        return $ready->needs === $this->foreseen
            ? WorkReader::answered($this->work, $ready->house)
            : WorkReader::of($ready->needs, $ready->house);
    }

    public function rings(ReadyToRoute $ready): Rings
    {
        return $this->rotations->rings($ready->needs->rotations, $ready->house);
    }
}
