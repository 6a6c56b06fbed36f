<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;

/** A sweep in words. */
final readonly class SweepWords
{
    private PartWords $parts;

    public function __construct(private HouseWords $house)
    {
        $this->parts = new PartWords($house, KindRegistry::standard());
    }

    /** @param Node $sweep {"if": …, "hand_to": …, "then": […]} */
    public function say(Node $sweep): string
    {
        $words = $this->house->words;
        $if = $sweep->find('if');
        $criteria = $if === null ? '' : (new CriteriaWords($this->house))->say($if);
        $handTo = $sweep->find('hand_to');
        $does = array_map(fn(Node $one): string => $this->parts->say(Family::FollowUp, $one), $sweep->itemsOf('then'));
        if ($handTo !== null) {
            array_unshift($does, $words->say('sweep.hand_to', ['person' => $this->house->person($handTo->text())]));
        }

        return $criteria === ''
            ? $words->say('sweep.all', ['does' => implode(', ', $does)])
            : $words->say('sweep.where', ['criteria' => $criteria, 'does' => implode(', ', $does)]);
    }
}
