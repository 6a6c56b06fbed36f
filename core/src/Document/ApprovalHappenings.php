<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\World\AnswersApproval;

/** Reads what happens to approvals in a world. */
final readonly class ApprovalHappenings
{
    public const ANSWERED = 'approval_answered';

    public const KINDS = [self::ANSWERED];

    public const NOT_ME = 'not_me';

    public function __construct(private Roster $roster) {}

    /**
     * @param string $of id of what is to be approved
     *
     * @throws DocumentError
     */
    public function read(string $of, string $id, int $at, Node $node): AnswersApproval
    {
        $node->only(['id', 'kind', 'at', 'of', 'approval', 'by', 'answer', 'to', 'reason']);
        $answer = $node->get('answer');
        $isOthers = $answer->text() === self::NOT_ME;
        $vote = $isOthers ? null : $answer->case(Vote::class);
        if (!$isOthers && $node->has('to')) {
            throw $node->get('to')->fail('Who should answer is said with "{answer}" alone.', answer: self::NOT_ME);
        }
        $reason = $node->find('reason')?->prose(TextLimits::REASON);
        if ($vote === Vote::No && $reason === null) {
            throw $node->unfinished('A no has a reason.');
        }

        return new AnswersApproval(
            $id,
            $at,
            $of,
            $node->get('approval')->line(TextLimits::LABEL),
            Known::person($node->get('by'), $this->roster->people),
            $vote,
            $node->has('to') ? Known::person($node->get('to'), $this->roster->people) : null,
            $reason,
        );
    }
}
