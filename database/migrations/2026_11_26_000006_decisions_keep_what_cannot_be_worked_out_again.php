<?php

declare(strict_types=1);

use App\Database\Row;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenBaton\Core\Document\Node;

/*
 * Of a decision its record is kept, no longer the whole trace: the verdicts on
 * rules follow from the version and the facts. What was written before is
 * shortened; what only the whole trace said was who was outside of the pool.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table(
            'decisions',
            static fn(Blueprint $table) => $table
                ->longText('record')
                ->collation('utf8mb4_bin')
                ->nullable()
                ->after('facts'),
        );
        DB::table('decisions')
            ->select(['id', 'trace'])
            ->orderBy('id')
            ->chunkById(500, function ($rows): void {
                foreach ($rows as $row) {
                    $row = new Row($row);
                    $record = json_encode(
                        $this->record(Node::parse($row->text('trace'))),
                        JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
                    );
                    DB::table('decisions')
                        ->where('id', $row->text('id'))
                        ->update(['record' => $record]);
                }
            });
        Schema::table('decisions', static function (Blueprint $table): void {
            $table->dropColumn('trace');
            $table->longText('record')->collation('utf8mb4_bin')->nullable(false)->change();
        });
    }

    public function down(): void
    {
        throw new RuntimeException('Whole traces can\'t be had back from their records here; restore a backup.');
    }

    /** @return array<string, mixed> */
    private function record(Node $trace): array
    {
        $attempts = $followedUp = [];
        $decidedBy = null;
        $house = 0;
        foreach ($trace->itemsOf('verdicts') as $position => $verdict) {
            match ($verdict->get('verdict')->text()) {
                'decided' => ($decidedBy = $position),
                'followed_up' => ($followedUp[] = $position),
                default => null,
            };
            if ($verdict->has('steps')) {
                $house = $verdict->get('house')->int();
                $attempts[] = ['rule' => $position] + $this->attempt($verdict);
            }
        }

        return [
            'event' => $trace->get('event')->value,
            'kinds' => [$trace->get('kind')->value],
            'task' => $trace->get('task')->value,
            'at' => $trace->get('at')->instant(),
            'today' => substr($trace->get('at')->text(), 0, 10),
            'outcome' => $trace->get('outcome')->value,
            'decided_by' => $decidedBy,
            'assignee' => $trace->find('assignee')?->value,
            'open_to' => $trace->textsOf('open_to'),
            'effects' => $trace->get('effects')->value,
            'house' => $house,
            'followed_up' => $followedUp,
            'attempts' => $attempts,
        ];
    }

    /** @return array<string, mixed> */
    private function attempt(Node $verdict): array
    {
        $steps = $verdict->itemsOf('steps');
        $pool = array_shift($steps);
        $attempt = [
            'pool' => $pool?->textsOf('kept') ?? [],
            'steps' => array_map(function (Node $step): array {
                $excluded = array_map(
                    fn(Node $one): array => [
                        $one->get('person')->text(),
                        $one->textsOf('reasons'),
                        (object) $this->figures($one->find('figures')),
                    ],
                    $step->itemsOf('fallen'),
                );
                $code = $step->get('step')->text();

                return $code === 'cover' ? [$code, $excluded, $step->textsOf('kept')] : [$code, $excluded];
            }, $steps),
        ];
        if ($verdict->has('candidates')) {
            $attempt['figures'] = array_map(
                fn(Node $one): array => [$one->get('person')->text(), (object) $this->figures($one)],
                $verdict->itemsOf('candidates'),
            );
        }
        $cover = $verdict->find('cover');
        if ($cover !== null) {
            $attempt['cover'] =
                [
                    'asked' => array_map(
                        static fn(Node $step): array => [
                            $step->get('person')->text(),
                            $step->textsOf('reasons'),
                            $step->find('away_until')?->instant(),
                        ],
                        $cover->itemsOf('asked'),
                    ),
                ] + (array) $cover->value;
        }

        return $attempt;
    }

    /** @return array<string, mixed> */
    private function figures(?Node $figures): array
    {
        $kept = [];
        foreach ($figures?->members() ?? [] as [$name, $value]) {
            if ($name !== 'person') {
                $moment = in_array($name, ['away_until', 'last_assigned'], true) && $value->value !== null;
                $kept[$name === 'mark' ? 'pass' : $name] = $moment ? $value->instant() : $value->value;
            }
        }

        return $kept;
    }
};
