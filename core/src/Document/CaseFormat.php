<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Flow\Stay;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;

/** Reads cases with their whole state. */
final readonly class CaseFormat
{
    private const MEMBERS = [
        'id',
        'track',
        'stage',
        'stays',
        'outcome',
        'opened',
        'owner',
        'open_to',
        'previous_owner',
        'creator',
        'customer',
        'parent',
        'tags',
        'watchers',
        'comments',
        'files',
        'facts',
    ];

    private const MOST = 1_000_000;

    /** @param array<array-key, Track> $tracks by id */
    public function __construct(private FieldCatalogue $fields, private Roster $roster, private array $tracks) {}

    /**
     * @param int $at instant at which it was opened, where it does not say
     *
     * @throws DocumentError
     */
    public function read(Node $node, int $at): CaseSubject
    {
        $node->only(self::MEMBERS);
        $track = $this->track($node->get('track'));
        $opened = $node->find('opened')?->instant() ?? $at;
        $stays = $this->stays($node, $track, $opened);
        $outcome = $node->find('outcome')?->line(TextLimits::LABEL);
        if ($outcome !== null && !isset($track->outcomes[$outcome])) {
            throw $node->get('outcome')->fail('There is no outcome "{outcome}".', outcome: $outcome);
        }
        if (($outcome !== null) !== $stays->isClosed()) {
            throw $node->fail(
                'A case that is closed has left its last stage and has an outcome; an open one has neither.',
            );
        }
        $people = fn(string $name): array => array_map(
            fn(Node $one): string => Known::person($one, $this->roster->people),
            $node->itemsOf($name),
        );

        return new CaseSubject(
            $node->get('id')->line(TextLimits::ID),
            $opened,
            $track->id,
            $stays,
            $outcome,
            $this->person($node, 'owner'),
            $people('open_to'),
            array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $node->itemsOf('tags')),
            array_diff_key(TaskFormat::values($node->find('facts'), $this->fields, $this->roster), CaseFields::TYPES),
            $node->find('comments')?->intBetween(0, self::MOST) ?? 0,
            $node->find('files')?->intBetween(0, self::MOST) ?? 0,
            $people('watchers'),
            $node->find('customer')?->line(TextLimits::ID),
            $this->person($node, 'creator'),
            previousHolderId: $this->person($node, 'previous_owner'),
            parentId: $node->find('parent')?->line(TextLimits::ID),
        );
    }

    /** @throws DocumentError */
    public function track(Node $node): Track
    {
        $id = $node->line(TextLimits::LABEL);

        return $this->tracks[$id] ?? throw $node->fail('There is no track "{id}".', id: $id);
    }

    /** @throws DocumentError */
    public static function stage(Node $node, Track $track): string
    {
        $key = $node->line(TextLimits::LABEL);

        return $track->has($key) ? $key : throw $node->fail('There is no stage "{key}".', key: $key);
    }

    private function stays(Node $node, Track $track, int $opened): Stays
    {
        if (!$node->has('stays')) {
            return Stays::begin(
                $node->has('stage') ? self::stage($node->get('stage'), $track) : $track->first()->key,
                $opened,
            );
        }
        $stays = [];
        foreach ($node->get('stays')->items() as $stay) {
            $stay->only(['stage', 'entered', 'left', 'reason']);
            $entered = $stay->get('entered')->instant();
            $left = $stay->find('left')?->instant();
            $last = $stays === [] ? $opened : $stays[count($stays) - 1]->leftAt;
            if ($last === null || $entered < $last || ($left !== null && $left < $entered)) {
                throw $stay->fail('Stays follow one another, each left before the next is entered.');
            }
            $stays[] = new Stay(
                self::stage($stay->get('stage'), $track),
                $entered,
                $left,
                reason: $stay->find('reason')?->prose(TextLimits::REASON),
            );
        }

        return $stays === [] ? throw $node->get('stays')->unfinished('Give at least one.') : new Stays($stays);
    }

    private function person(Node $node, string $name): ?string
    {
        return $node->has($name) ? Known::person($node->get($name), $this->roster->people) : null;
    }
}
