<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Flow\Gate\Gate;
use OpenBaton\Core\Flow\Movers;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\SubjectKind;

/** Reads and writes the track of a kind of case; docs/formats/track.schema.json describes it. */
final readonly class TrackFormat
{
    public const VERSION = 'track/1';

    public const MOST_STAGES = 40;

    public const MOST_OUTCOMES = 40;

    public const MOST_GATES = 20;

    private RuleContext $context;

    public function __construct(RuleContext $context)
    {
        $this->context = $context->about(SubjectKind::Matter);
    }

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Track
    {
        Format::expect($node, self::VERSION);
        $faults = new Faults();
        $faults->add(...$node->strangers(['openbaton', 'id', 'name', 'stages', 'outcomes', 'owner_takes_tasks']));
        $id = $faults->collect(static fn(): string => self::key($node->get('id')));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::LABEL));
        $stages = $faults->collect(fn(): array => $this->stages($node->get('stages')));
        $outcomes = $faults->collect(static fn(): array => self::outcomes($node->get('outcomes')));
        $takes = $faults->collect(static fn(): bool => $node->find('owner_takes_tasks')?->bool() ?? false);
        $faults->throwIfAny();
        if ($id === null || $name === null || $stages === null || $outcomes === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return $node->refuse(static fn(): Track => new Track($id, $name, $stages, $outcomes, $takes ?? false));
    }

    /** @return array<string, mixed> */
    public static function write(Track $track): array
    {
        $outcomes = [];
        foreach ($track->outcomes as $key => $label) {
            $outcomes[] = ['key' => (string) $key, 'label' => $label];
        }

        return [
            'openbaton' => self::VERSION,
            'id' => $track->id,
            'name' => $track->name,
            'owner_takes_tasks' => $track->ownerTakesTasks,
            'stages' => array_map(self::writeStage(...), $track->stages),
            'outcomes' => $outcomes,
        ];
    }

    /**
     * The key of a track, a stage, an outcome or a duty: they are put together by a point.
     *
     * @throws DocumentError
     */
    public static function key(Node $node): string
    {
        $key = $node->line(TextLimits::LABEL);

        return preg_match('/^[a-z0-9][a-z0-9-]*$/', $key) === 1
            ? $key
            : throw $node->fail('"{key}" is not a key such as on-hire.', key: $key);
    }

    /** @return non-empty-list<Stage> */
    private function stages(Node $node): array
    {
        $faults = new Faults();
        $stages = [];
        foreach (self::few($node, self::MOST_STAGES)->items() as $stage) {
            $stages[] = $faults->collect(fn(): Stage => $this->stage($stage));
        }
        $faults->throwIfAny();
        $stages = array_values(array_filter($stages));

        return $stages === [] ? throw $node->unfinished('Name at least one stage.') : $stages;
    }

    private function stage(Node $node): Stage
    {
        $faults = new Faults();
        $faults->add(...$node->strangers(['key', 'name', 'target', 'guide', 'movers', 'leave', 'enter', 'retired']));
        $key = $faults->collect(static fn(): string => self::key($node->get('key')));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::LABEL));
        $target = $faults->collect(static fn(): ?int => $node->find('target')?->minutes());
        $guide = $faults->collect(static fn(): ?string => $node->find('guide')?->line(TextLimits::ID));
        $movers = $faults->collect(fn(): Movers => $this->movers($node->find('movers')));
        $leave = $faults->collect(fn(): array => $this->gates($node->find('leave')));
        $enter = $faults->collect(fn(): array => $this->gates($node->find('enter')));
        $retired = $faults->collect(static fn(): bool => $node->find('retired')?->bool() ?? false);
        $faults->throwIfAny();
        if ($key === null || $name === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return new Stage(
            $key,
            $name,
            $target,
            $leave ?? [],
            $enter ?? [],
            $retired ?? false,
            $movers ?? new Movers(),
            $guide,
        );
    }

    private function movers(?Node $node): Movers
    {
        if ($node === null) {
            return new Movers();
        }
        $node->only(['owner', 'teams', 'anyone']);
        $team = new TeamReference();

        return new Movers(
            $node->find('owner')?->bool() ?? true,
            array_map(fn(Node $one): string => $team->read($one, $this->context), $node->itemsOf('teams')),
            $node->find('anyone')?->bool() ?? false,
        );
    }

    /** @return list<Gate> */
    private function gates(?Node $node): array
    {
        $faults = new Faults();
        $gates = [];
        foreach ($node === null ? [] : self::few($node, self::MOST_GATES)->items() as $gate) {
            $part = $faults->collect(fn() => PartFormat::read($gate, Family::Gate, $this->context));
            if ($part instanceof Gate) {
                $gates[] = $part;
            }
        }
        $faults->throwIfAny();

        return $gates;
    }

    /** @return array<array-key, string> label by key */
    private static function outcomes(Node $node): array
    {
        $outcomes = [];
        foreach (self::few($node, self::MOST_OUTCOMES)->items() as $outcome) {
            $outcome->only(['key', 'label']);
            $key = self::key($outcome->get('key'));
            if (isset($outcomes[$key])) {
                throw $outcome->get('key')->fail('There is another outcome "{key}".', key: $key);
            }
            $outcomes[$key] = $outcome->get('label')->line(TextLimits::LABEL);
        }

        return $outcomes === [] ? throw $node->unfinished('Name at least one outcome.') : $outcomes;
    }

    private static function few(Node $node, int $most): Node
    {
        return count($node->items()) > $most ? throw $node->fail('At most {most} belong here.', most: $most) : $node;
    }

    /** @return array<string, mixed> */
    private static function writeStage(Stage $stage): array
    {
        $movers = $stage->movers;

        return array_filter(
            [
                'key' => $stage->key,
                'name' => $stage->name,
                'target' => $stage->target === null ? null : Duration::format($stage->target),
                'guide' => $stage->guide,
                'movers' => ['owner' => $movers->owner, 'teams' => $movers->teams, 'anyone' => $movers->anyone],
                'leave' => array_map(PartFormat::write(...), $stage->leave),
                'enter' => array_map(PartFormat::write(...), $stage->enter),
                'retired' => $stage->retired ?: null,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }
}
