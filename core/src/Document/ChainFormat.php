<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Flow\Moved;
use OpenBaton\Core\Flow\NotAsked;
use OpenBaton\Core\World\ChainOf;

/** The decisions of a chain as documents, each with its place in the chain. */
final class ChainFormat
{
    /** That a case was not moved or closed, or that an answer does not count. */
    public const REFUSAL = 'refusal/1';

    /** Others are asked, or nobody any more, or whoever answers may not. */
    private const NOT_ASKED = 'not_asked';

    /** @return array<string, mixed> */
    private static function refused(ChainOf $of, Moved|NotAsked $refused): array
    {
        $said =
            $refused instanceof Moved
                ? [
                    'case' => $of->subjectId,
                    'why' => $refused->refusal?->value,
                    'missing' => GateFormat::writeClosed($refused->missing),
                ]
                : ['of' => $of->subjectId, 'why' => self::NOT_ASKED];

        return ['openbaton' => self::REFUSAL, 'event' => $of->event] + $said;
    }

    /** @return list<array<string, mixed>> one for each decision, in order */
    public static function write(ChainOf $of): array
    {
        $documents = $of->refused === null ? [] : [self::refused($of, $of->refused)];
        foreach ($of->chain->links as $number => $link) {
            if ($link->decision !== null) {
                $chain = [
                    'of' => $of->event,
                    'link' => $number,
                    'generation' => $link->generation,
                    'caused_by' => $link->causedBy,
                ];
                $documents[] = DecisionFormat::write($link->decision) + [
                    'chain' =>
                        $chain +
                        ($of->chain->cut === null
                            ? []
                            : [
                                'cut' => [
                                    'reason' => $of->chain->cut->reason->value,
                                    'rules' => $of->chain->cut->ruleIds,
                                    'task' => $of->chain->cut->taskId,
                                ],
                            ]),
                ];
            }
        }

        return $documents;
    }
}
