<?php

declare(strict_types=1);

namespace App\People;

use App\Bridge\RosterDocument;
use App\Documents\RulebookFile;
use App\Fields\FieldProviders;
use App\Models\House\House;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** The forms in which people come in and go out as a file. */
enum RosterFile: string
{
    case Json = 'json';
    case Csv = 'csv';
    case Vcf = 'vcf';

    public function type(): string
    {
        return match ($this) {
            self::Json => 'application/json',
            self::Csv => 'text/csv; charset=utf-8',
            self::Vcf => 'text/vcard; charset=utf-8',
        };
    }

    /** @throws DocumentError where it is not what it should be */
    public function read(string $text): Node
    {
        return match ($this) {
            self::Json => Node::parse($text),
            self::Csv => PeopleDocument::of(PeopleCsv::read($text, self::fields()), self::known()),
            self::Vcf => PeopleDocument::of(PeopleCards::read($text), self::known()),
        };
    }

    public function write(): string
    {
        $known = self::known();
        /** @var list<array{id: string, name: string, members: list<array{person: string, weight: int}>}> $teams */
        $teams = $known['teams'];
        /** @var list<array<string, mixed>> $people */
        $people = $known['people'];
        $names = [];
        foreach ($teams as $team) {
            foreach ($team['members'] as $member) {
                $names[$member['person']][] = $team['name'];
            }
        }

        return match ($this) {
            self::Json => RulebookFile::json($known),
            self::Csv => PeopleCsv::write($people, $teams, self::fields()),
            self::Vcf => PeopleCards::write($people, $names),
        };
    }

    /** The same error, told by the lines or cards of the file. */
    public function located(DocumentError $error): DocumentError
    {
        $first = ['csv' => ['line', 2], 'vcf' => ['card', 1]][$this->value] ?? null;

        return $first === null
            ? $error
            : new DocumentError(
                array_map(static function (Fault $fault) use ($first): Fault {
                    $pointer = preg_replace_callback(
                        '#^/people/(\d+)#',
                        static fn(array $found): string => "/{$first[0]} " . ((int) $found[1] + $first[1]),
                        $fault->pointer,
                    );

                    return new Fault((string) $pointer, $fault->message, $fault->unfinished, $fault->slots);
                }, $error->faults),
            );
    }

    /** @return array<string, mixed> */
    private static function known(): array
    {
        return RosterDocument::build(House::query()->firstOrFail());
    }

    /** @return array<string, Field> that the house keeps of people, and still offers */
    private static function fields(): array
    {
        $fields = app(FieldProviders::class)->catalogue(House::query()->firstOrFail())->ofPeople;

        return array_filter($fields, static fn(Field $field): bool => !$field->retired);
    }
}
