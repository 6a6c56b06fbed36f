<?php

declare(strict_types=1);

use App\Messages\SendMessages;
use App\Messages\TellRules;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Messages\Message;
use App\Models\Messages\StandInPost;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';

const TO_CUSTOMER = [
    'kind' => 'message',
    'addressee' => 'customer',
    'channel' => 'mail',
    'text' => 'About ~case.title~.',
];

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    Cases::track();
    $school = Customer::query()->where('slug', 'holms-school')->sole();
    $school->contacts()->delete();
    $school->contacts()->create(['name' => 'Office', 'email' => 'office@holms.example', 'position' => 0]);
    $this->school = $school;
    $this->prepared = function (array $case = []): CustomerCase {
        House::publish(ofCases('says', ['kind' => 'case_opens'], [TO_CUSTOMER]));
        $case = Cases::open($case + ['customer' => 'holms-school', 'owner' => 'ayumi']);
        handedOut();

        return $case;
    };
    $this->shown = fn(CustomerCase $case, string $who): array => $this->actingAs(House::user($who))
        ->get("/cases/{$case->id}")
        ->viewData('page')['props'];
});

it('is prepared by a rule, and goes when somebody has looked at it', function (): void {
    $case = ($this->prepared)();
    $message = Message::query()->sole();
    expect([$message->case_id, $message->task_id, $message->state, $message->subject, $message->address])->toBe([
        $case->id,
        null,
        MessageState::Held,
        'Forty clarinets',
        'office@holms.example',
    ]);
    $page = ($this->shown)($case, 'ayumi');
    expect(array_column($page['messages'], 'text'))
        ->toBe(['About Forty clarinets.'])
        ->and($page['messages'][0]['case']['number'])
        ->toBe($case->number)
        ->and($page['messages'][0]['reasonGone'])
        ->toBeNull();
    $this->postJson('/messages/release', ['ids' => [$message->id]])->assertOk();
    app()->call([new SendMessages(), 'handle']);
    expect(StandInPost::query()->sole()->text)->toContain('About Forty clarinets.');
});

it('says that its reason has gone where the case is closed, or the rule', function (): void {
    $if = ['if' => ['field' => 'case.open', 'op' => 'is', 'value' => true]];
    House::publish(ofCases('says', ['kind' => 'case_opens'], [TO_CUSTOMER], $if));
    $case = Cases::open(['customer' => 'holms-school', 'owner' => 'ayumi']);
    handedOut();
    $gone = fn(): ?string => ($this->shown)($case->refresh(), 'hanneke')['messages'][0]['reasonGone'];
    expect($gone())->toBeNull();
    deed(House::user('hanneke'), $case, 'close', ['outcome' => 'declined', 'open' => 'drop'])->assertOk();
    app()->forgetScopedInstances();
    expect($gone())->toBe('closed');
    House::publish(House::roundRule());
    app()->forgetScopedInstances();
    expect($gone())->toBe('no_rule');
});

it('is seen by leads and the owner, and by whoever owns it next', function (): void {
    $case = ($this->prepared)();
    $rows = fn(string $who): int => count(
        $this->actingAs(House::user($who))->get('/outbox')->viewData('page')['props']['rows'],
    );
    expect([$rows('hanneke'), $rows('ayumi'), $rows('femi')])->toBe([1, 1, 0]);
    deed(House::user('hanneke'), $case, 'give', ['to' => 'femi'])->assertOk();
    expect([$rows('ayumi'), $rows('femi')])->toBe([0, 1]);
});

it('is written by the owner, once however often it is sent, and by nobody else', function (): void {
    $case = Cases::open(['customer' => 'holms-school', 'owner' => 'ayumi']);
    $body = ['key' => 'written-1', 'to' => 'customer', 'channel' => 'mail', 'text' => 'Come and see.'];
    $write = fn(string $who, array $more = []) => $this->actingAs(House::user($who))->post(
        "/cases/{$case->id}/messages",
        $more + $body,
    );
    $write('ayumi')->assertSessionHasNoErrors();
    $write('ayumi', ['text' => 'Again']);
    $message = Message::query()->sole();
    expect([$message->text, $message->subject, $message->case_id, $message->state])->toBe([
        'Come and see.',
        'Forty clarinets',
        $case->id,
        MessageState::ToBeSent,
    ]);
    $write('femi')->assertForbidden();
    expect(($this->shown)($case, 'ayumi')['writing'])->toHaveCount(3);
});

it('has files of its case, and none of others', function (): void {
    $case = ($this->prepared)();
    Cases::attach($case, 'terms.pdf');
    Cases::attach(Cases::open(), 'other.pdf');
    $this->actingAs(House::user('ayumi'))->post("/cases/{$case->id}/messages", [
        'key' => 'written-2',
        'to' => 'customer',
        'channel' => 'mail',
        'text' => 'The terms',
        'files' => true,
    ]);
    $page = ($this->shown)($case, 'ayumi');
    $written = array_filter($page['messages'], static fn(array $one): bool => $one['text'] === 'The terms');
    expect(array_column(array_values($written)[0]['files'], 'name'))->toBe(['terms.pdf']);
});

it('is told to rules about cases where it is given up, once', function (): void {
    $this->school->contacts()->delete();
    House::publish(
        ofCases('says', ['kind' => 'case_opens'], [['held' => false] + TO_CUSTOMER]),
        ofCases('answers', ['kind' => 'message_given_up', 'of' => 'case'], [['kind' => 'tag', 'tag' => 'not reached']]),
    );
    $case = Cases::open(['customer' => 'holms-school', 'owner' => 'ayumi']);
    handedOut();
    expect(Message::query()->sole()->state)->toBe(MessageState::GivenUp);
    app()->call(TellRules::class);
    app()->call(TellRules::class);
    expect($case->refresh()->tags)->toBe(['not reached']);
    expect(Message::query()->where('to_tell_rules', true)->count())->toBe(0);
});
