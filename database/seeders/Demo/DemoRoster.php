<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Carbon\CarbonImmutable;
use Closure;

/** The roster of Alder & Quill as a document; dates are relative to the day of the demo. */
final class DemoRoster
{
    /** Name, team, skills, and what is special. */
    private const PEOPLE = [
        'hanneke-de-wit' => ['Hanneke de Wit', []],
        'oona-varga' => ['Oona Varga', ['quoting' => 3]],
        'ines-falcao' => ['Ines Falcão', ['quoting' => 2, 'french' => 2]],
        'ronan-breathnach' => ['Rónán Breathnach', ['quoting' => 2, 'irish' => 3]],
        'siobhan-quirke' => ['Siobhán Quirke', ['quoting' => 1, 'irish' => 2]],
        'elina-saarinen' => ['Elina Saarinen', ['quoting' => 2, 'finnish' => 3], 'Europe/Helsinki'],
        'mateus-prado' => ['Mateus Prado', ['quoting' => 2, 'french' => 1], 'America/Halifax'],
        'tobias-lindqvist' => ['Tobias Lindqvist', ['brass' => 2, 'woodwind' => 2, 'strings' => 3, 'keys' => 3]],
        'ayumi-kato' => ['Ayumi Kato', ['brass' => 3]],
        'femi-adeyinka' => ['Femi Adeyinka', ['brass' => 2, 'woodwind' => 1]],
        'callum-rees' => ['Callum Rees', ['brass' => 3]],
        'marek-dobry' => ['Marek Dobry', ['woodwind' => 3]],
        'nadia-haddad' => ['Nadia Haddad', ['woodwind' => 2, 'french' => 3]],
        'winnie-achieng' => ['Winnie Achieng', ['strings' => 3, 'bow-rehair' => 2]],
        'leo-marchetti' => ['Leo Marchetti', ['strings' => 2, 'bow-rehair' => 3]],
        'piotr-zielny' => ['Piotr Zielny', ['keys' => 3, 'tuning' => 2]],
        'dilnoza-karimova' => ['Dilnoza Karimova', ['keys' => 2, 'electronics' => 3]],
        'viktor-hale' => ['Viktor Hale', ['tuning' => 3]],
        'aroha-tane' => ['Aroha Tane', ['tuning' => 3]],
        'bashir-noorzai' => ['Bashir Noorzai', ['tuning' => 2, 'keys' => 1]],
        'sunniva-aas' => ['Sunniva Aas', ['insurer-claims' => 3], 'Europe/Helsinki'],
        'hugo-lemaire' => ['Hugo Lemaire', ['insurer-claims' => 2, 'french' => 3]],
        'greta-solheim' => ['Greta Solheim', ['brass' => 2, 'woodwind' => 2, 'strings' => 2]],
        'jun-morita' => ['Jun Morita', ['strings' => 2, 'keys' => 2]],
    ];

    private const SKILLS = [
        'brass' => 'Brass',
        'woodwind' => 'Woodwind',
        'strings' => 'Strings',
        'bow-rehair' => 'Bow rehair',
        'keys' => 'Keys',
        'electronics' => 'Electronics',
        'tuning' => 'Tuning',
        'quoting' => 'Quoting',
        'insurer-claims' => 'Insurer claims',
        'irish' => 'Irish',
        'finnish' => 'Finnish',
        'french' => 'French',
    ];

    /** Name, lead, members, team above. */
    private const TEAMS = [
        'enquiries' => [
            'Enquiries',
            'oona-varga',
            ['oona-varga', 'ines-falcao', 'ronan-breathnach', 'siobhan-quirke', 'elina-saarinen', 'mateus-prado'],
            null,
        ],
        'workshop' => ['Workshop', 'tobias-lindqvist', ['tobias-lindqvist'], null],
        'brass-bench' => ['Brass bench', 'ayumi-kato', ['ayumi-kato', 'femi-adeyinka', 'callum-rees'], 'workshop'],
        'woodwind-bench' => ['Woodwind bench', 'marek-dobry', ['marek-dobry', 'nadia-haddad'], 'workshop'],
        'strings-bench' => ['Strings bench', 'winnie-achieng', ['winnie-achieng', 'leo-marchetti'], 'workshop'],
        'keys-bench' => [
            'Keys and electronics bench',
            'piotr-zielny',
            ['piotr-zielny', 'dilnoza-karimova'],
            'workshop',
        ],
        'field' => ['Field', 'viktor-hale', ['viktor-hale', 'aroha-tane', 'bashir-noorzai'], null],
        'accounts' => ['Accounts', 'sunniva-aas', ['sunniva-aas', 'hugo-lemaire'], null],
        'quality' => ['Quality', 'greta-solheim', ['greta-solheim', 'jun-morita'], null],
    ];

    /**
     * Person, first and last day, status, substitutes. Who is away now is so at whatever day of the week the demo
     * begins, and is not back for a week; what is over and what is to come goes by the Monday of this week.
     */
    private const ABSENCES = [
        'ines-autumn' => ['ines-falcao', 'monday -14 days', 'monday -10 days', 'approved', ['oona-varga']],
        'callum-now' => ['callum-rees', 'today -3 weekdays', 'today +8 weekdays', 'approved', ['femi-adeyinka']],
        'viktor-now' => ['viktor-hale', 'today -2 weekdays', 'today +5 weekdays', 'approved', ['aroha-tane']],
        'aroha-days' => ['aroha-tane', 'today -1 weekday', 'today +2 weekdays', 'approved', ['bashir-noorzai']],
        'sunniva-next-week' => ['sunniva-aas', 'monday +8 days', 'monday +11 days', 'approved', []],
        'leo-later' => ['leo-marchetti', 'monday +14 days', 'monday +18 days', 'asked', ['winnie-achieng']],
    ];

    /** How many of a team should be there on each day. */
    private const MINIMUMS = ['brass-bench' => 2, 'strings-bench' => 2, 'quality' => 1];

    private const HALF_WEIGHT = ['callum-rees', 'siobhan-quirke'];

    /** @return array<string, mixed> */
    public static function document(CarbonImmutable $today): array
    {
        $days = ['today' => $today, 'monday' => $today->startOfWeek()];
        $day = static function (string $said) use ($days): string {
            [$from, $distance] = explode(' ', $said, 2);

            return $days[$from]->modify($distance)->format('Y-m-d');
        };

        return [
            'openbaton' => 'roster/1',
            'house' => [
                'zone' => 'Europe/Dublin',
                'hours' => [self::week('09:00-13:00', '13:30-17:30')],
                'holidays' => self::holidays($today->year - 1, $today->year, $today->year + 1),
            ],
            'skills' => self::listed(
                self::SKILLS,
                static fn(string $id, string $name): array => ['id' => $id, 'name' => $name] +
                    ($id === 'insurer-claims' ? ['minimum' => 1] : []),
            ),
            'people' => self::listed(self::PEOPLE, self::person(...)),
            'teams' => self::listed(self::TEAMS, self::team(...)),
            'absences' => self::listed(
                self::ABSENCES,
                static fn(string $id, array $absence): array => [
                    'id' => $id,
                    'person' => $absence[0],
                    'first' => $day($absence[1]),
                    'last' => $day($absence[2]),
                    'status' => $absence[3],
                    'substitutes' => $absence[4],
                ],
            ),
        ];
    }

    /** @return list<string> */
    private static function holidays(int ...$years): array
    {
        return array_merge(
            ...array_map(
                static fn(int $year): array => ["{$year}-01-01", "{$year}-03-17", "{$year}-12-25", "{$year}-12-26"],
                array_values($years),
            ),
        );
    }

    /** @return array<string, string> name by slug */
    public static function names(): array
    {
        return array_map(static fn(array $person): string => $person[0], self::PEOPLE);
    }

    /**
     * @param array{0: string, 1: array<string, int>, 2?: string} $person
     *
     * @return array<string, mixed>
     */
    private static function person(string $id, array $person): array
    {
        $document = ['id' => $id, 'name' => $person[0], 'email' => explode('-', $id)[0] . '@alderquill.example'];
        if (isset($person[2])) {
            $document['zone'] = $person[2];
        }
        if ($id === 'callum-rees') {
            // Three days a week.
            $document['hours'] = [array_diff_key(self::week('09:00-13:00', '13:30-17:30'), ['mon' => 0, 'fri' => 0])];
        }
        if ($id === 'siobhan-quirke') {
            $document['hours'] = [self::week('09:00-13:00')];
        }
        if ($id === 'hanneke-de-wit') {
            $document['capacity'] = ['minutes_a_day' => 60];
        }
        if ($person[1] !== []) {
            $document['skills'] = $person[1];
        }

        return $document;
    }

    /**
     * @param array{string, string, list<string>, string|null} $team
     *
     * @return array<string, mixed>
     */
    private static function team(string $id, array $team): array
    {
        return array_filter([
            'id' => $id,
            'name' => $team[0],
            'parent' => $team[3],
            'lead' => $team[1],
            'minimum' => self::MINIMUMS[$id] ?? null,
            'members' => array_map(
                static fn(string $person): array => [
                    'person' => $person,
                    'weight' => in_array($person, self::HALF_WEIGHT, true) ? 50 : 100,
                ],
                $team[2],
            ),
        ]);
    }

    /** @return array<string, string|list<string>> */
    private static function week(string ...$hours): array
    {
        return ['from' => '2020-01-01'] + array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], array_values($hours));
    }

    /**
     * @template T
     *
     * @param array<string, T>                          $table
     * @param Closure(string, T): array<string, mixed> $write
     *
     * @return list<array<string, mixed>>
     */
    private static function listed(array $table, Closure $write): array
    {
        return array_map($write, array_keys($table), array_values($table));
    }
}
