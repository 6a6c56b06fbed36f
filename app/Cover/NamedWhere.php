<?php

declare(strict_types=1);

namespace App\Cover;

use App\Bridge\HouseState;
use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Explain\CriteriaWords;
use App\Explain\HouseWords;
use App\Models\Customer;
use App\Models\CustomField;
use App\Models\Place;
use App\Models\Rotation;
use App\Models\RotationSeat;
use App\Models\Task;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\Answer;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Check\Mention;
use OpenBaton\Core\Check\Mentions;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;

/**
 * Where the house names a person: in rules, rotations, places, customers and
 * fields of tasks; and who answers there while they are away.
 *
 * @phpstan-type Instead array{slug: string, name: string, work: string|null}
 * @phpstan-type Line array{said: string, url: string|null, instead: list<Instead>, gap: bool}
 */
final readonly class NamedWhere
{
    public function __construct(private RulebookReader $rulebooks) {}

    /** @return list<Line> */
    public function during(Absence $absence, Snapshot $house, HouseWords $words, int $now): array
    {
        $answers = (new SubstituteFinder($house->roster->with($absence->approved())))->answers($absence->personId, max($now, $absence->span->from));
        $instead = self::said($answers, $house, $words);
        $gap = $answers[count($answers) - 1]->personId === null;
        $lines = [];
        foreach ($this->mentions($absence->personId) as $mention) {
            $lines[] = [
                'said' => $words->words->say("cover.named.{$mention->place->value}", ['rule' => $mention->rule->name, 'alone' => $mention->alone ? 'true' : 'false']),
                'url' => '/rulebook?rule='.rawurlencode($mention->rule->id),
                'instead' => $mention->alone ? $instead : [],
                'gap' => $mention->alone && $mention->rule->active && $gap,
            ];
        }
        foreach ($this->elsewhere($absence->personId, $house, $words) as [$said, $needed]) {
            $lines[] = ['said' => $said, 'url' => null, 'instead' => $needed ? $instead : [], 'gap' => $needed && $gap];
        }

        return $lines;
    }

    /**
     * @param list<Answer> $answers
     *
     * @return list<Instead> those who answer, each with the work that it is for where there are several
     */
    private static function said(array $answers, Snapshot $house, HouseWords $words): array
    {
        $format = new CriteriaFormat($house->ruleContext());
        $said = [];
        foreach ($answers as $answer) {
            if ($answer->personId !== null) {
                $work = $answer->only === null
                    ? $words->words->say('cover.the_rest')
                    : (new CriteriaWords($words))->say(Node::root(json_decode((string) json_encode($format->write($answer->only)))));
                $said[] = ['slug' => $answer->personId, 'name' => $words->person($answer->personId), 'work' => count($answers) > 1 ? $work : null];
            }
        }

        return $said;
    }

    /** @return list<Mention> of the published rules */
    private function mentions(string $person): array
    {
        return Mentions::of($this->rulebooks->compiled(HouseState::read()->versionId)->rulebook, $person);
    }

    /** @return list<array{said: string, url: string}> the published rules that name somebody */
    public function rulesOf(string $person, HouseWords $words): array
    {
        return array_map(static fn(Mention $mention): array => [
            'said' => $words->words->say("cover.named.{$mention->place->value}", ['rule' => $mention->rule->name, 'alone' => $mention->alone ? 'true' : 'false']),
            'url' => '/rulebook?rule='.rawurlencode($mention->rule->id),
        ], $this->mentions($person));
    }

    /** @return list<array{string, bool}> what is said, and whether somebody has to answer there */
    public function elsewhere(string $person, Snapshot $house, HouseWords $words): array
    {
        $id = $house->personIds[$person];
        $lines = [];
        foreach (Rotation::query()->whereIn('id', RotationSeat::query()->where('person_id', $id)->select('rotation_id'))->orderBy('name')->get() as $rotation) {
            $lines[] = [$words->words->say('cover.named.rotation', ['rotation' => $rotation->name]), false];
        }
        foreach (['responsible' => 'responsible_id', 'deputy' => 'deputy_id'] as $as => $column) {
            foreach (Place::query()->where($column, $id)->orderBy('name')->get() as $place) {
                $lines[] = [$words->words->say("cover.named.{$as}", ['place' => $place->name]), true];
            }
        }
        $customers = Customer::query()->where('owner_id', $id)->count();
        if ($customers > 0) {
            $lines[] = [$words->words->say('cover.named.customers', ['count' => $customers]), true];
        }
        foreach (CustomField::query()->where('type', FieldType::Person)->orderBy('position')->get() as $field) {
            $tasks = Task::query()->open()->whereJsonContains("facts->{$field->path}", $person)->count();
            if ($tasks > 0) {
                $lines[] = [$words->words->say('cover.named.field', ['field' => $field->label, 'count' => $tasks]), true];
            }
        }

        return $lines;
    }
}
