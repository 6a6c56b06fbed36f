<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\DomainEvents\HandOut;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use App\Runsheets\BeginRun;
use App\Runsheets\GoOn;
use App\Runsheets\SaveRunsheet;
use App\Tasks\DropTask;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Run\Run as CoreRun;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\StepState;

/** Runsheets of the small house of the tests. */
final class Runsheets
{
    /**
     * @param array<string, mixed> $more members of what it does
     *
     * @return array<string, mixed> a step that makes a task
     */
    public static function task(string $key, array $more = [], bool $needed = true): array
    {
        return [
            'key' => $key,
            'name' => ucfirst($key),
            'needed' => $needed,
            'does' => $more + [
                'kind' => 'task',
                'task_kind' => 'bench-repair',
                'title' => ucfirst($key) . ': ~task.title~',
            ],
        ];
    }

    /**
     * @param array<string, mixed> $more members of what it does
     *
     * @return array<string, mixed> a step that asks somebody to approve
     */
    public static function approval(string $key, array $more = []): array
    {
        return [
            'key' => $key,
            'name' => 'Estimate',
            'does' => $more + ['kind' => 'approval', 'people' => ['kind' => 'people', 'people' => ['hanneke']]],
        ];
    }

    /**
     * @param list<array<string, mixed>> $blocks
     *
     * @return array<string, mixed>
     */
    public static function document(array $blocks, string $about = 'task', string $id = 'large-repair'): array
    {
        return [
            'openbaton' => 'runsheet/1',
            'id' => $id,
            'name' => ucfirst(str_replace('-', ' ', $id)),
            'about' => $about,
            'does' => ['key' => 'all', 'one_after_another' => $blocks],
        ];
    }

    /** @return array<string, mixed> that of a repair over 400 */
    public static function largeRepair(): array
    {
        return self::document([
            [
                'key' => 'before',
                'side_by_side' => [
                    self::task('diagnosis', [
                        'give' => [
                            'pool' => ['kind' => 'people', 'people' => ['femi']],
                            'method' => ['kind' => 'in_order'],
                        ],
                    ]),
                    self::approval('approval', ['no' => 'back', 'back_to' => 'diagnosis']),
                    self::task('insurer') + [
                        'if' => ['all' => [['field' => 'task.tags', 'op' => 'matches_any', 'value' => ['insured']]]],
                    ],
                ],
            ],
            self::task('bench'),
            self::task('check', [], false),
        ]);
    }

    /** @param array<string, mixed> $document published */
    public static function publish(array $document): Runsheet
    {
        app()->forgetScopedInstances();
        $by = Actor::user(House::user('hanneke'));
        $draft = app(SaveRunsheet::class)->draft(Node::root($document), $by);
        app(SaveRunsheet::class)->publish($draft, $draft->revision, $by);
        app()->forgetScopedInstances();

        return $draft->refresh();
    }

    public static function start(Runsheet $sheet, Task|CustomerCase|null $of): Run
    {
        $run = DB::transaction(
            static fn(): Run => app(BeginRun::class)->byHand($sheet, $of, Actor::user(House::user('hanneke'))),
        );
        app(GoOn::class)($run->id);

        return $run->refresh();
    }

    /** The runsheet of nothing, with a draft. */
    public static function drafted(): Runsheet
    {
        self::ofNothing();
        app()->forgetScopedInstances();

        return app(SaveRunsheet::class)->draft(
            Node::root(self::document([self::task('tour', ['title' => 'A walk'])], 'house', 'newcomer')),
            Actor::user(House::user('hanneke')),
        );
    }

    public static function ofCases(): Runsheet
    {
        return self::publish(self::document([self::task('call', ['title' => 'Call'])], 'case', 'calls'));
    }

    /** A run of nothing, whose only step has stopped: the one that there is, or is made. */
    /** A new version of one that is published, so that its runs go on with an earlier one. */
    public static function oneMoreStep(string $slug): void
    {
        $document = Runsheet::query()->with('published')->where('slug', $slug)->sole()->published?->document ?? [];
        $document['does']['one_after_another'][] = self::task('afterwards', ['title' => 'Afterwards']);
        self::publish($document);
    }

    /** @return array<string, int> the revision of the run of nothing, which goes on with an earlier version */
    public static function behind(): array
    {
        $run = self::ofNothing();
        $tour = self::task('tour', ['title' => 'Tour of the workshop']);
        self::publish(self::document([$tour, self::task('desk', ['title' => 'Desk'])], 'house', 'newcomer'));
        app()->forgetScopedInstances();

        return ['revision' => $run->revision];
    }

    public static function ofNothing(): Run
    {
        $known = Run::query()->whereHas('runsheet', static fn(Builder $sheet) => $sheet->where('slug', 'newcomer'));
        $run = $known->first();
        if ($run === null) {
            $step = self::task('tour', ['title' => 'Tour of the workshop']);
            $run = self::start(self::publish(self::document([$step], 'house', 'newcomer')), null);
            app(DropTask::class)(self::taskOf($run, 'tour'), 'Not today.', House::user('hanneke'));
            app(GoOn::class)($run->id);
            app()->forgetScopedInstances();
        }

        return $run->refresh();
    }

    /** @return string the latest round of each step that was reached, such as "a done, b open#2" */
    public static function steps(Run $run): string
    {
        $said = [];
        $blocks = $run->blocks()->orderBy('round')->orderBy('id')->get();
        foreach ($blocks as $block) {
            if (in_array($block->key, ['all', 'before'], true)) {
                continue;
            }
            if ($block->state === StepState::NotReached) {
                unset($said[$block->key]);
                continue;
            }
            $said[$block->key] = "{$block->key} {$block->state->value}" . ($block->round > 1 ? "#{$block->round}" : '');
        }

        return implode(', ', $said);
    }

    public static function handOut(): void
    {
        app()->forgetScopedInstances();
        app(HandOut::class)();
    }

    public static function cancel(Run $run): void
    {
        app(GoOn::class)->by(
            $run->id,
            $run->refresh()->revision,
            static fn(RunEngine $engine, CoreRun $at, RunMoment $moment): RunAdvance => $engine->cancel($at, $moment),
            Actor::user(House::user('hanneke')),
        );
    }

    /** The task that the latest round of a step has made. */
    public static function taskOf(Run $run, string $key): Task
    {
        return RunBlock::query()
            ->where(['run_id' => $run->id, 'key' => $key])
            ->latest('round')
            ->firstOrFail()
            ->task()
            ->firstOrFail();
    }
}
