<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\NotAsked;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\Subject\Cause;

/** Somebody answers an approval: it goes on, or their answer does not count and nothing changes. */
final readonly class AnswersApproval implements Happening
{
    /**
     * @param string      $of     id of what is to be approved
     * @param string      $name   of the approval
     * @param Vote|null   $vote   null: it is not for them
     * @param string|null $toId   for whom it is then
     * @param string|null $reason of a no
     */
    public function __construct(
        private string $id,
        private int $at,
        private string $of,
        private string $name,
        private string $byId,
        private ?Vote $vote,
        private ?string $toId,
        private ?string $reason,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function at(): int
    {
        return $this->at;
    }

    public function in(WorldState $state): iterable
    {
        $asked = $state->askedFor($this->of, $this->name);
        try {
            $after = $asked === null ? throw new NotAsked() : $this->answered($asked->approval, $state);
        } catch (NotAsked $refused) {
            yield new ChainOf($this->id, $state->run(), refused: $refused, subjectId: $this->of);

            return;
        }
        yield new ChainOf($this->id, $state->goOn($asked, $after, $this->id, $this->at, Cause::Person));
    }

    /** @throws NotAsked where it is settled, others are asked, or they may not answer */
    private function answered(Approval $approval, WorldState $state): Approval
    {
        $approvers = $state->approvers($this->of, $this->at);
        if ($this->vote === null) {
            return $approval->handOn($this->byId, $this->toId, $approvers, $this->at);
        }

        return $approvers->mayBeAsked($this->byId) && !$approval->hasAnswered($this->byId)
            ? $approval->answer($this->byId, $this->vote, $this->reason, $this->at)
            : throw new NotAsked();
    }
}
