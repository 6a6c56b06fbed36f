<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Explain\HouseWords;
use App\Explain\PartWords;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Gate\Gate;
use OpenBaton\Core\Flow\Movers;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\TrackDifference;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;

/** Says what a track asks, and what is otherwise in it. */
final readonly class TrackWords
{
    /** @param array<string, string> $guides name by slug */
    public function __construct(private HouseWords $words, private array $guides = []) {}

    public function gate(Gate $gate): string
    {
        return (new PartWords($this->words, KindRegistry::standard()))->say(
            Family::Gate,
            Node::root(PartFormat::write($gate)),
        );
    }

    public function movers(Movers $movers): string
    {
        $who = array_map($this->words->team(...), $movers->teams);

        return $this->words->words->say('track.movers', [
            'anyone' => $movers->anyone ? 'true' : 'false',
            'owner' => $movers->owner ? 'true' : 'false',
            'teams' => $who === [] ? 'none' : implode(', ', $who),
        ]);
    }

    public function difference(TrackDifference $one): string
    {
        return $this->words->words->say("track.differs.{$one->aspect->value}", [
            'stage' => $one->stage->name ?? '',
            'before' => $this->value($one, $one->before),
            'after' => $this->value($one, $one->after),
        ]);
    }

    private function value(TrackDifference $one, string|int|Gate|Movers|Stage|null $value): string
    {
        return match (true) {
            $value === null => 'none',
            $value instanceof Gate => $this->gate($value),
            $value instanceof Movers => $this->movers($value) ?: 'none',
            $value instanceof Stage => $value->name,
            is_string($value) => $this->guides[$value] ?? $value,
            $one->aspect->isSpan() => $this->words->duration($value),
            default => (string) $value,
        };
    }
}
