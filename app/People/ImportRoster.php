<?php

declare(strict_types=1);

namespace App\People;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\HouseState;
use App\Bridge\RosterDocument;
use App\Bridge\RulebookReader;
use App\Fields\FieldProviders;
use App\Models\House\House;
use App\Models\People\Place;
use App\Models\Rules\RulebookVersion;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\People\Roster;

/** Merges a roster document into the roster of the house. */
final readonly class ImportRoster
{
    public function __construct(private RulebookReader $rulebooks, private FieldProviders $fields) {}

    /**
     * What it would do; nothing is changed.
     *
     * @return array<string, array{added: list<string>, changed: list<string>, missing: list<string>}>
     *
     * @throws DocumentError as the import itself
     */
    public function preview(Node $node, bool $remove): array
    {
        return $this->changes($node, $remove);
    }

    /**
     * @param bool $remove what the document does not have goes: people become inactive, the rest is deleted
     *
     * @throws DocumentError where it is not right, or the published rules would no longer be; nothing is changed
     */
    public function __invoke(Node $node, bool $remove, Actor $by): void
    {
        DB::transaction(function () use ($node, $remove, $by): void {
            HouseState::lock();
            $changes = $this->changes($node, $remove);
            (new RosterWriter($remove))->write(
                $remove
                    ? $node
                    : MergedRoster::of($node, Node::root(RosterDocument::build(House::query()->firstOrFail()))),
            );
            RosterImported::dispatch(CarbonImmutable::now()->getTimestamp());
            Audit::record($by, 'roster', 'imported', 'imported a roster', null, [
                'removing' => $remove,
                'changes' => $changes,
            ]);
        }, attempts: 3);
    }

    /**
     * @return array<string, array{added: list<string>, changed: list<string>, missing: list<string>}>
     *
     * @throws DocumentError
     */
    private function changes(Node $node, bool $remove): array
    {
        $house = House::query()->firstOrFail();
        $fields = $this->fields->catalogue($house);
        $known = Node::root(RosterDocument::build($house));
        $alone = RosterFormat::read($node, $fields);
        $this->placesAreKnown($node);
        $this->fits($remove ? $alone : RosterFormat::read(MergedRoster::of($node, $known), $fields));

        return RosterChanges::of($node, $known, $remove);
    }

    /**
     * That a document of the whole roster is right, and the published rules are with it.
     *
     * @throws DocumentError where it is not
     */
    public function check(Node $node): void
    {
        $roster = RosterFormat::read($node, $this->fields->catalogue(House::query()->firstOrFail()));
        $this->placesAreKnown($node);
        $this->fits($roster);
    }

    /** A roster document does not have the tree of places; the house has. */
    private function placesAreKnown(Node $node): void
    {
        $known = Place::query()->pluck('slug', 'slug');
        $faults = new Faults();
        foreach ($node->get('people')->items() as $person) {
            $place = $person->find('place');
            if ($place !== null && !$known->has($place->text())) {
                $faults->add(...$place->fail('There is no place "{place}".', place: $place->text())->faults);
            }
        }
        $faults->throwIfAny();
    }

    private function fits(Roster $roster): void
    {
        $published = RulebookVersion::query()->published()->first();
        if ($published !== null) {
            $this->rulebooks->read($published, $roster, '/published rulebook');
        }
    }
}
