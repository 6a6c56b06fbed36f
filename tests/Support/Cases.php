<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Approvals\AskForApproval;
use App\Cases\OpenCase;
use App\Cases\SaveTrack;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Cases\Track;
use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Storage;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TrackFormat;
use OpenBaton\Core\Flow\ApprovalRule;

/** A track, and cases on it, in the house of the tests. */
final class Cases
{
    /** @return array<string, mixed> the document of the track Hire */
    public static function document(): array
    {
        return [
            'openbaton' => TrackFormat::VERSION,
            'id' => 'hire',
            'name' => 'Hire',
            'owner_takes_tasks' => true,
            'stages' => [
                ['key' => 'enquiry', 'name' => 'Enquiry', 'target' => 'PT8H'],
                [
                    'key' => 'fitting',
                    'name' => 'Fitting',
                    'leave' => [['kind' => 'needed_work_done'], ['kind' => 'field_filled', 'field' => 'case.terms']],
                ],
                ['key' => 'on-hire', 'name' => 'On hire'],
            ],
            'outcomes' => [['key' => 'renewed', 'label' => 'Renewed'], ['key' => 'declined', 'label' => 'Declined']],
        ];
    }

    /** The track, published, with a field of cases that the house keeps. */
    public static function track(): Track
    {
        $known = Track::query()->where('slug', 'hire')->first();
        if ($known !== null) {
            return $known;
        }
        CustomField::query()->create([
            'path' => 'case.terms',
            'label' => 'Terms signed on',
            'type' => 'date',
            'position' => 90,
        ]);
        HouseRow::query()->increment('roster_revision');
        $save = app(SaveTrack::class);
        $by = Actor::user(House::user('hanneke'));
        $track = $save->draft(Node::root(self::document()), $by);
        $save->publish($track, $track->revision, $by);
        app()->forgetScopedInstances();

        return $track->refresh();
    }

    /** An approval that is asked for, by a rule, say. */
    public static function approval(CustomerCase $case): Approval
    {
        return app(
            AskForApproval::class,
        )($case, 'Estimate of the demo', ApprovalRule::all(), ['femi'], null, null, Actor::system('test'));
    }

    /** @param array<string, mixed> $document of the track Hire, published instead of what it was */
    public static function republish(array $document): void
    {
        self::track();
        $by = Actor::user(House::user('hanneke'));
        $draft = app(SaveTrack::class)->draft(Node::root($document), $by);
        app(SaveTrack::class)->publish($draft, $draft->revision, $by);
        app()->forgetScopedInstances();
    }

    /** An open one that the lead does not watch, of the demo with needed work if possible, new where all are closed. */
    public static function ofDemo(): CustomerCase
    {
        $lead = static fn(Builder $people): Builder => $people->where('slug', 'hanneke-de-wit');
        $open = CustomerCase::query()->open()->orderByDesc('open_needed')->orderBy('number');
        $case = $open->clone()->whereDoesntHave('watchers', $lead)->first() ?? ($open->first() ?? self::newOfDemo());
        // At some hours she has been asked about each of them, and watches all.
        $case->watchers()->detach($case->watchers()->where('slug', 'hanneke-de-wit')->pluck('people.id'));

        return $case;
    }

    /** One that is opened now, on a track of the demo: nobody has been asked about it, and nobody has worked on it. */
    public static function newOfDemo(): CustomerCase
    {
        return app(OpenCase::class)(
            Node::root([
                'track' => Track::query()->whereNotNull('published_id')->orderBy('slug')->firstOrFail()->slug,
                'title' => 'A case of the browser',
            ]),
            Actor::system('test'),
        );
    }

    /** The task by which the lead of the demo is asked to approve something of a case. */
    public static function asksLead(): Task
    {
        return app(AskForApproval::class)(
            self::newOfDemo(),
            'Terms of the demo',
            ApprovalRule::all(),
            ['hanneke-de-wit'],
            null,
            null,
            Actor::system('test'),
        )
            ->tasks()
            ->sole();
    }

    /** @return array<string, string> what stands in addresses, of a case of Callum's */
    public static function ids(): array
    {
        $case = self::open(['owner' => 'callum']);

        return [
            '{case}' => $case->id,
            '{decision}' => (string) Decision::query()->where('case_id', $case->id)->sole()->id,
            '{file}' => self::attach($case, 'terms.pdf')->id,
            '{track}' => 'hire',
            '{number}' => '1',
            '{approval}' => self::approval($case)->id,
        ];
    }

    public static function attach(CustomerCase $case, string $name): TaskFile
    {
        Storage::disk(StoredFile::DISK)->put("cases/{$name}", 'x');

        return TaskFile::query()->create([
            'case_id' => $case->id,
            'name' => $name,
            'type' => 'application/pdf',
            'size' => 1,
            'path' => "cases/{$name}",
            'at' => CarbonImmutable::now(),
        ]);
    }

    /** @param array<string, mixed> $more members of what is opened */
    public static function open(array $more = []): CustomerCase
    {
        self::track();

        return app(
            OpenCase::class,
        )(Node::root($more + ['track' => 'hire', 'title' => 'Forty clarinets']), Actor::user(House::user('hanneke')));
    }
}
