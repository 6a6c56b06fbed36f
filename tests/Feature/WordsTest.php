<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Console\GeneratedFiles;
use App\Explain\HouseWords;
use App\Explain\PartWords;
use App\Http\Pages\Rules\Vocabulary;
use App\Models\House\CustomField;
use App\Words\Words;
use Illuminate\Support\Arr;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Routing\Verdict;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Tests\Support\NameHasAtMost;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Symfony\Component\Finder\Finder;
use Tests\Support\Effects;
use Tests\Support\House;

/** @return list<array{family: string, part: array<string, mixed>, say: string}> what the pages are held against, too */
function sentences(): array
{
    return json_decode(
        (string) file_get_contents(base_path('resources/js/tests/sentences.json')),
        true,
        16,
        JSON_THROW_ON_ERROR,
    );
}

/** @return list<string> the words that are missing for what the registry knows */
function missingWords(KindRegistry $kinds, Words $words): array
{
    $wanted = [];
    foreach (Family::cases() as $family) {
        foreach ($kinds->of($family) as $kind => $class) {
            array_push($wanted, "{$family->value}.{$kind}.name", "{$family->value}.{$kind}.say");
            if ($family === Family::Limit) {
                $wanted[] = "limit.{$kind}.step";
            }
            foreach ($class::parameters() as $parameter) {
                $wanted[] = "parameter.{$parameter->name}.label";
                $values = match (true) {
                    $parameter->type instanceof YesNo => ['true', 'false'],
                    $parameter->type instanceof Choice => $parameter->type->bounds()['values'],
                    default => [],
                };
                foreach ($values as $value) {
                    $wanted[] = "parameter.{$parameter->name}.{$value}";
                }
            }
        }
    }

    return array_values(array_filter(array_unique($wanted), static fn(string $path): bool => !$words->has($path)));
}

it('has words for every kind, parameter, operator, verdict, status and reason', function (): void {
    $words = new Words();
    $codes = static fn(string $group, array $cases): array => array_map(
        static fn(BackedEnum $case): string => "{$group}.{$case->value}",
        $cases,
    );
    $others = [
        ...array_map(static fn(string $code): string => "operator.{$code}", array_keys(OperatorList::all())),
        ...$codes('verdict', Verdict::cases()),
        ...$codes('status', TaskStatus::cases()),
        ...$codes('priority', Priority::cases()),
        ...$codes('unavailability', Unavailability::cases()),
        'effect.due_unknown',
        ...array_map(static fn(string $effect): string => "effect.{$effect::code()}", Effects::all()),
    ];
    expect(count(Effects::all()))->toBeGreaterThan(15);
    expect(missingWords(KindRegistry::standard(), $words))->toBe([]);
    expect(array_values(array_filter($others, static fn(string $path): bool => !$words->has($path))))->toBe([]);
});

it('names nothing twice in the words files, of which the first would be lost', function (): void {
    $groups = [];
    foreach (glob(resource_path('words/en/*.json')) as $name) {
        $file = (string) file_get_contents($name);
        $decoded = json_decode($file, true, 16, JSON_THROW_ON_ERROR);
        expect(trim($file))->toBe(
            json_encode(
                $decoded,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
        );
        array_push($groups, ...array_keys($decoded));
    }
    expect(array_unique($groups))->toBe($groups);
    expect(count($groups))->toBeGreaterThan(50);
});

it('has words for all that the pages say', function (): void {
    $asked = [];
    foreach (
        Finder::create()
            ->files()
            ->name(['*.ts', '*.tsx'])
            ->in(resource_path('js'))
            ->exclude(['tests', 'generated'])
        as $file
    ) {
        preg_match_all(
            "/\\bsay(?:With)?\\('([a-z_]+(?:\\.[a-z_0-9]+)+)'|'(screen\\.[a-z_.0-9]+)'/",
            $file->getContents(),
            $found,
        );
        array_push($asked, ...array_filter([...$found[1], ...$found[2]]));
    }
    $words = new Words();
    expect(count($asked))->toBeGreaterThan(500);
    expect(array_values(array_filter($asked, static fn(string $path): bool => !$words->has($path))))->toBe([]);
    // And no screen has words that nobody says any more.
    $unsaid = array_diff(
        array_filter(
            array_keys(Arr::dot(Words::tree('en'))),
            static fn(string $path): bool => str_starts_with($path, 'screen.'),
        ),
        $asked,
    );
    expect(array_values($unsaid))->toBe([]);
});

it('has no words for kinds that are no more', function (): void {
    $file = Words::tree('en');
    foreach (StandardKinds::BY_FAMILY as $family => $classes) {
        expect(array_keys($file[$family]))->toBe(
            array_map(static fn(string $class): string => $class::kind(), $classes),
        );
    }
    expect(array_keys($file['operator']))->toBe(array_keys(OperatorList::all()));
});

it('notices a kind without a sentence', function (): void {
    $kinds = KindRegistry::standard()->with(Family::Limit, NameHasAtMost::class);
    expect(missingWords($kinds, new Words()))->toBe([
        'limit.name_has_at_most.name',
        'limit.name_has_at_most.say',
        'limit.name_has_at_most.step',
        'parameter.letters.label',
        'parameter.only_vowels.label',
        'parameter.only_vowels.true',
        'parameter.only_vowels.false',
    ]);
});

it('says parts as the pages do', function (): void {
    House::open();
    CustomField::query()->create([
        'path' => 'person.van',
        'label' => 'Drives the van',
        'type' => 'yes_no',
        'position' => 9,
    ]);
    $parts = new PartWords(
        new HouseWords(new Words(), app(SnapshotSource::class)->current(), new Zone('Europe/Dublin')),
        KindRegistry::standard(),
    );
    $said = array_map(
        static fn(array $one): string => $parts->say(Family::from($one['family']), Node::root($one['part'])),
        sentences(),
    );
    expect($said)->toBe(array_column(sentences(), 'say'));
});

it('takes a new kind in by its class and its sentence: schema, types, vocabulary, trail', function (): void {
    House::open();
    $kinds = KindRegistry::standard()->with(Family::Limit, NameHasAtMost::class);
    $words = new Words(
        more: [
            'limit' => [
                'name_has_at_most' => [
                    'name' => 'letters of the name at most',
                    'say' =>
                        'with a name of at most {letters} {only_vowels_code, select, true {vowels} other {letters}}',
                    'step' => 'with a short enough name',
                    'reason' => 'a name of {letters}, {at_most} at most',
                ],
            ],
            'parameter' => [
                'letters' => ['label' => 'Letters at most'],
                'only_vowels' => ['label' => 'What counts', 'true' => 'only vowels', 'false' => 'all letters'],
            ],
        ],
    );
    $part = new PartWords(
        new HouseWords($words, app(SnapshotSource::class)->current(), new Zone('Europe/Dublin')),
        $kinds,
    );
    $limits = array_column((new Vocabulary($kinds))->families()['limit'], 'parameters', 'kind');
    $files = GeneratedFiles::all($kinds);

    expect(missingWords($kinds, $words))->toBe([]);
    expect(
        $part->say(Family::Limit, Node::root(['kind' => 'name_has_at_most', 'letters' => 4, 'only_vowels' => true])),
    )->toBe('with a name of at most 4 vowels');
    expect($part->reason('name_has_at_most', Node::root(['at_most' => 4, 'letters' => 9])))->toBe(
        'a name of 9, 4 at most',
    );
    expect(json_decode((string) json_encode($limits['name_has_at_most']), true))->toBe([
        [
            'name' => 'letters',
            'control' => 'whole_number',
            'bounds' => ['least' => 1, 'most' => 20],
            'required' => true,
            'default' => null,
        ],
        ['name' => 'only_vowels', 'control' => 'yes_no', 'bounds' => [], 'required' => false, 'default' => false],
    ]);
    expect($files['docs/formats/rulebook.schema.json'])->toContain('"name_has_at_most"');
    expect($files['docs/formats/decision.schema.json'])->toContain('name_has_at_most');
    expect($files['resources/js/tests/kinds.json'])->toContain('"name_has_at_most"');
});

it('says by the message what is missing or no message', function (): void {
    $words = new Words(more: ['odd' => ['broken' => 'a {b', 'many' => '{n, plural, one {# task} other {# tasks}}']]);
    expect($words->say('odd.many', ['n' => 1]))->toBe('1 task');
    expect($words->say('odd.many', ['n' => 12_345]))->toBe('12,345 tasks');
    expect(static fn(): string => $words->say('odd.never'))->toThrow(
        RuntimeException::class,
        'There are no words for "odd.never".',
    );
    expect(static fn(): string => $words->say('odd.broken', ['b' => 1]))->toThrow(
        RuntimeException::class,
        'are not a message',
    );
});
