<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Approvals\AskForApproval;
use App\Cases\MoveCase;
use App\Cases\SaveTrack;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Cases\Track;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\OpenWork;

/** Cases with which each thing can be done that is done with cases, and what is sent for it. */
final readonly class RightCaseRequests
{
    private CustomerCase $open;

    private CustomerCase $closed;

    private CustomerCase $unowned;

    private Task $inside;

    private Task $outside;

    private Approval $approval;

    private Task $answer;

    public function __construct()
    {
        $this->open = Cases::open(['owner' => 'ayumi']);
        $this->closed = app(MoveCase::class)->close(
            Cases::open(['owner' => 'ayumi']),
            1,
            'declined',
            OpenWork::Drop,
            null,
            true,
            Actor::user(House::user('hanneke')),
        );
        $this->unowned = Cases::open();
        $this->unowned->claimants()->sync([House::person('hanneke')->id]);
        $this->outside = House::arrive('quote');
        $this->inside = House::arrive('quote');
        $this->inside->update(['case_id' => $this->open->id, 'case_stage' => 'enquiry']);
        $this->approval = app(AskForApproval::class)(
            $this->open,
            'Terms',
            ApprovalRule::all(),
            ['hanneke'],
            null,
            null,
            Actor::system('test'),
        );
        $this->answer = $this->approval->tasks()->sole();
        app(SaveTrack::class)->draft(
            Node::root(['name' => 'Hire of horns'] + Cases::document()),
            Actor::user(House::user('hanneke')),
        );
    }

    /** @return string|null what stands in the address; null: it is not about cases */
    public function id(Route $route, string $name): ?string
    {
        return match ([explode('/', Str::after($route->uri(), 'api/v1/'))[0], $name]) {
            ['cases', 'case'] => match (basename($route->uri())) {
                'reopen' => $this->closed->id,
                'claim' => $this->unowned->id,
                default => $this->open->id,
            },
            ['cases', 'decision'] => (string) Decision::query()->where('case_id', $this->open->id)->sole()->id,
            ['tracks', 'track'] => 'hire',
            ['tracks', 'number'] => '1',
            ['tasks', 'task'] => basename($route->uri()) === 'answer' ? $this->answer->id : null,
            ['approvals', 'approval'] => $this->approval->id,
            default => null,
        };
    }

    /** @return array<string, string> the header by which a program says which revision of a case it looked at */
    public function seen(Route $route): array
    {
        $case = str_starts_with($route->uri(), 'api/v1/cases/') ? $this->id($route, 'case') : null;

        return $case === null
            ? []
            : ['HTTP_IF_MATCH' => '"' . CustomerCase::query()->findOrFail($case)->revision . '"'];
    }

    /** @return array<string, mixed>|null */
    public function body(Route $route): ?array
    {
        $seen = ['revision' => $this->open->refresh()->revision];
        $draft = ['revision' => Track::query()->sole()->revision];

        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'GET api/v1/cases' => ['q' => 'cello', 'owner' => 'me', 'sort' => '-opened', 'limit' => '10'],
            'GET cases', 'GET cases/export' => [
                'track' => 'hire',
                'stage' => 'enquiry',
                'owner' => 'ayumi',
                'moved' => 'on',
                'state' => 'open',
                'page' => '1',
            ],
            'PATCH api/v1/cases/{case}' => ['set' => ['title' => 'Seven cellos']],
            'POST api/v1/cases/{case}/comments' => ['body' => 'They called.'],
            'POST cases', 'POST cases/preview', 'POST api/v1/cases' => [
                'track' => 'hire',
                'title' => 'Six cellos',
                'customer' => 'holms-school',
                'owner' => 'femi',
                'tags' => ['rush'],
                'facts' => ['case.terms' => '2026-03-09'],
            ],
            'GET cases/{case}/files' => ['before' => str_repeat('7', 26)],
            'GET cases/{case}/history' => ['before' => '2026-03-02T10:00:00Z'],
            'POST cases/{case}/move', 'POST api/v1/cases/{case}/move' => $seen + ['to' => 'fitting'],
            'POST cases/{case}/close', 'POST api/v1/cases/{case}/close' => $seen + [
                'outcome' => 'declined',
                'open' => 'drop',
            ],
            'POST cases/{case}/reopen', 'POST api/v1/cases/{case}/reopen' => ['revision' => $this->closed->revision] + [
                'to' => 'fitting',
                'reason' => 'They rang again.',
            ],
            'POST cases/{case}/give', 'POST api/v1/cases/{case}/give' => $seen + ['to' => 'femi'],
            'POST cases/{case}/claim' => ['revision' => 1],
            'POST cases/{case}/messages' => [
                'key' => 'written-00002',
                'to' => 'femi',
                'channel' => 'chat',
                'text' => 'Have they called?',
            ],
            'POST cases/{case}/comment' => ['body' => 'They called.'],
            'POST cases/{case}/watch' => ['watches' => true],
            'PUT cases/{case}' => $seen + [
                'set' => ['title' => 'Seven cellos', 'tags' => ['rush'], 'facts' => ['case.terms' => '2026-03-10']],
            ],
            'POST cases/{case}/approvals', 'POST tasks/{task}/approvals' => [
                'name' => 'Estimate',
                'people' => ['femi', 'tobias'],
                'way' => 'at_least',
                'least' => 1,
                'details' => 'It comes to 900.',
                'latest' => '2026-03-09T10:00:00Z',
            ],
            'POST tasks/{task}/answer' => ['answer' => 'no', 'reason' => 'Too dear.'],
            'POST approvals/{approval}/withdraw', 'POST approvals/{approval}/remind' => ['reason' => 'Too late.'],
            'POST cases/{case}/tasks' => ['task' => $this->outside->id, 'needed' => true],
            'POST cases/{case}/take-out' => ['task' => $this->inside->id],
            'POST tracks', 'POST tracks/preview' => Cases::document(),
            'PUT tracks' => $draft + ['document' => Cases::document()],
            'POST tracks/{track}/publish', 'POST tracks/{track}/discard' => $draft,
            default => null,
        };
    }
}
