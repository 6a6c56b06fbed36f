<?php

declare(strict_types=1);

namespace App\People;

use App\Access\Actor;
use App\Access\Audit;
use App\Access\Difference;
use App\Access\JoinSignIn;
use App\Bridge\HouseState;
use App\Bridge\RosterDocument;
use App\Database\Slug;
use App\Models\House\House;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/**
 * Puts down what is said of people in the roster, one or several alike: read and checked with the whole roster and the
 * published rules, written for them alone.
 */
final readonly class SavePerson
{
    public function __construct(private ImportRoster $import, private JoinSignIn $signIns) {}

    /**
     * @param string|null $slug of whom; null: somebody new
     *
     * @throws DocumentError where it is not right; its pointers begin at the person. Nothing is changed
     */
    public function __invoke(?string $slug, PersonTerms $terms, Actor $by): Person
    {
        $slug ??= Slug::free(is_string($terms->document['name'] ?? null) ? $terms->document['name'] : '', new Person());
        $this->all([$slug => $terms], $by);

        return Person::query()->where('slug', $slug)->firstOrFail();
    }

    /** @param array<array-key, PersonTerms> $people by slug */
    public function all(array $people, Actor $by): void
    {
        DB::transaction(function () use ($people, $by): void {
            HouseState::lock();
            $document = RosterDocument::build(House::query()->firstOrFail());
            /** @var list<array{id: string}> $known */
            $known = $document['people'];
            $before = array_column($known, null, 'id');
            $places = array_flip(array_column($known, 'id'));
            $changed = [];
            foreach ($people as $slug => $terms) {
                $places[$slug] ??= count($places);
                $known[$places[$slug]] = ['id' => (string) $slug] + $terms->document;
                $changed[$places[$slug]] = (string) $slug;
            }
            $document['people'] = $known;
            $document['teams'] = self::teams((array) $document['teams'], $people);
            $node = Node::root(json_decode((string) json_encode($document)));
            $this->import->check($node);
            $addresses = Person::query()->whereIn('slug', $changed)->pluck('email', 'slug');
            $writer = new RosterWriter(false);
            $writer->writePeople($node, $changed);
            RosterImported::dispatch(CarbonImmutable::now()->getTimestamp());
            foreach ($changed as $place => $slug) {
                $person = Person::query()->where('slug', $slug)->first();
                // Whoever was parted by hand stays so, unless they get the address anew.
                if ($person !== null && $person->email !== $addresses->get($slug)) {
                    $this->signIns->byAddress($person, $by);
                }
                Audit::record(
                    $by,
                    'roster',
                    'person_saved',
                    'changed what is known of ' . $slug,
                    $person,
                    Difference::between($before[$slug] ?? [], $known[$place]),
                );
            }
        }, attempts: 3);
    }

    /**
     * @param array<mixed>                  $teams
     * @param array<array-key, PersonTerms> $people
     *
     * @return list<array<string, mixed>> with the people in those that they are in, at the end where they are new there
     */
    private static function teams(array $teams, array $people): array
    {
        $changed = [];
        foreach ($teams as $team) {
            /** @var array{id: string, members: list<array{person: string, weight: int}>} $team */
            $members = array_column($team['members'], null, 'person');
            foreach ($people as $slug => $terms) {
                $membership = $terms->teams[$team['id']] ?? null;
                if ($membership === null) {
                    unset($members[$slug]);
                } else {
                    $members[$slug] = ['person' => (string) $slug] + $membership;
                }
            }
            $changed[] = ['members' => array_values($members)] + $team;
        }

        return $changed;
    }
}
