<?php

declare(strict_types=1);

namespace App\House;

use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Place;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;

/** Reads what is said of a place by a form, another system or a table; null empties. */
final class PlaceReader
{
    public const MEMBERS = ['name', 'in', 'responsible', 'deputy'];

    /** @var list<string>|null codes, the highest first; null: not asked for yet */
    private ?array $levels = null;

    /**
     * @param array<string, Place|null>  $places by id, as far as they are known; others are asked for
     * @param array<string, string|null> $people their keys by id, likewise
     */
    public function __construct(private array $places = [], private array $people = []) {}

    /**
     * @return array<string, string> labels of the levels by code, the highest first: those that rules ask about, and
     *     others that places have
     */
    public static function levels(): array
    {
        $levels = House::query()->firstOrFail()->levels();
        foreach (Place::query()->distinct()->orderBy('level')->get('level') as $place) {
            $levels[$place->level] ??= ucfirst($place->level);
        }

        return $levels;
    }

    /** A place that is on its way, for those that lie in it. */
    public function know(Place $place): void
    {
        $this->places[$place->slug] = $place;
    }

    /**
     * @param Place|null $place null: a new one
     *
     * @throws DocumentError with all that is wrong with it
     */
    public function read(Node $document, ?Place $place): PlaceTerms
    {
        $document->only(self::MEMBERS);
        $faults = new Faults();
        $columns = [];
        if ($place === null || $document->has('name')) {
            $columns['name'] = $faults->collect(static fn(): string => self::name($document->get('name')));
        }
        $parent = $faults->collect(fn(): ?Place => $this->parent($document, $place));
        if ($place === null) {
            $columns['level'] = $faults->collect(fn(): string => $this->levelBelow($parent, $document));
        }
        if ($parent !== null) {
            $columns['parent_id'] = $parent->id;
        }
        // One that is null is emptied, one that is not there stays as it is.
        foreach ($document->members() as [$member, $node]) {
            if (in_array($member, ['responsible', 'deputy'], true)) {
                $columns["{$member}_id"] = $faults->collect(fn(): ?string => $this->person($node));
            }
        }
        $faults->throwIfAny();
        $deputy = $columns['deputy_id'] ?? null;
        if ($deputy !== null && $deputy === ($columns['responsible_id'] ?? $place?->responsible_id)) {
            throw $document->get('deputy')->fail('Whoever is responsible needs somebody else as the deputy.');
        }

        return new PlaceTerms($columns, $parent);
    }

    private static function name(Node $node): string
    {
        return ValueCodec::isBlank($node) ? throw $node->unfinished('This is needed.') : $node->line(TextLimits::NAME);
    }

    /** @return Place|null null: it stays where it is, or lies in no other */
    private function parent(Node $document, ?Place $place): ?Place
    {
        $node = $document->find('in');
        if ($node === null || ValueCodec::isBlank($node)) {
            return null;
        }
        $slug = $node->text();
        if (!array_key_exists($slug, $this->places)) {
            $this->places[$slug] = Place::query()->where('slug', $slug)->first();
        }
        $parent = $this->places[$slug] ?? throw $node->fail('There is no place "{given}".', given: $slug);
        if ($place?->parent_id !== null && $place->parent_id === $parent->id) {
            return $parent;
        }
        if ($parent->retired_at !== null) {
            throw $node->fail('The place "{given}" is retired; take it up again first.', given: $parent->name);
        }
        if ($place !== null && $this->below($parent) !== $place->level) {
            throw $node->fail('It lies at another level than places in "{given}".', given: $parent->name);
        }

        return $parent;
    }

    private function levelBelow(?Place $parent, Node $document): string
    {
        if ($parent === null) {
            return $this->codes()[0] ??
                throw $document->fail('Say first, in the house, which levels of places there are.');
        }

        return $this->below($parent) ?? throw $document->get('in')->fail('Nothing lies below the last level.');
    }

    private function below(Place $parent): ?string
    {
        $codes = $this->codes();

        return $codes[(int) array_search($parent->level, $codes, true) + 1] ?? null;
    }

    /** @return list<string> */
    private function codes(): array
    {
        return $this->levels ??= array_keys(self::levels());
    }

    private function person(Node $node): ?string
    {
        if (ValueCodec::isBlank($node)) {
            return null;
        }
        $slug = $node->text();
        if (!array_key_exists($slug, $this->people)) {
            $id = Person::query()->where('slug', $slug)->value('id');
            $this->people[$slug] = is_string($id) ? $id : null;
        }

        return $this->people[$slug] ?? throw $node->fail('There is no person "{given}".', given: $slug);
    }
}
