<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\NamedWhere;
use App\Absences\Naming;
use App\Explain\CriteriaWords;
use App\Http\Viewer;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\Answer;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Check\Mention;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;

/**
 * Where the house names somebody, and who answers there while they are away.
 *
 * @phpstan-type Instead array{slug: string, name: string, work: string|null}
 * @phpstan-type Line array{said: string, url: string|null, instead: list<Instead>, gap: bool}
 */
final readonly class NamedLines
{
    public function __construct(private Viewer $viewer, private NamedWhere $named) {}

    /** @return list<Line> */
    public function during(Absence $absence, int $now): array
    {
        $house = $this->viewer->snapshot();
        $answers = (new SubstituteFinder($house->roster->with($absence->approved())))->answers(
            $absence->personId,
            max($now, $absence->span->from),
        );
        $instead = $this->instead($answers);
        $gap = $answers[count($answers) - 1]->personId === null;
        $lines = [];
        foreach ($this->named->rules($absence->personId, $this->viewer->house()) as $mention) {
            $lines[] = $this->rule($mention) + [
                'instead' => $mention->alone ? $instead : [],
                'gap' => $mention->alone && $mention->rule->active && $gap,
            ];
        }
        foreach ($this->named->elsewhere($absence->personId, $house) as $naming) {
            $lines[] = [
                'said' => $this->said($naming),
                'url' => null,
                'instead' => $naming->needed ? $instead : [],
                'gap' => $naming->needed && $gap,
            ];
        }

        return $lines;
    }

    /** @return list<array{said: string, url: string}> the published rules that name somebody */
    public function rules(string $person): array
    {
        return array_map($this->rule(...), $this->named->rules($person, $this->viewer->house()));
    }

    /** @return list<string> */
    public function elsewhere(string $person): array
    {
        return array_map($this->said(...), $this->named->elsewhere($person, $this->viewer->snapshot()));
    }

    /** @return array{said: string, url: string} */
    private function rule(Mention $mention): array
    {
        return [
            'said' => $this->viewer->words()->words->say("cover.named.{$mention->place->value}", [
                'rule' => $mention->rule->name,
                'alone' => $mention->alone ? 'true' : 'false',
            ]),
            'url' => '/rulebook?rule=' . rawurlencode($mention->rule->id),
        ];
    }

    private function said(Naming $naming): string
    {
        return $this->viewer->words()->words->say("cover.named.{$naming->where}", $naming->slots);
    }

    /**
     * @param list<Answer> $answers
     *
     * @return list<Instead> those who answer, each with the work that it is for where there are several
     */
    private function instead(array $answers): array
    {
        $words = $this->viewer->words();
        $format = new CriteriaFormat($this->viewer->snapshot()->ruleContext());
        $said = [];
        foreach ($answers as $answer) {
            if ($answer->personId !== null) {
                $work =
                    $answer->only === null
                        ? $words->words->say('cover.the_rest')
                        : (new CriteriaWords($words))->say(
                            Node::root(json_decode((string) json_encode($format->write($answer->only)))),
                        );
                $said[] = [
                    'slug' => $answer->personId,
                    'name' => $words->person($answer->personId),
                    'work' => count($answers) > 1 ? $work : null,
                ];
            }
        }

        return $said;
    }
}
