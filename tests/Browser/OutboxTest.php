<?php

declare(strict_types=1);

use App\Models\Messages\Message;
use App\Models\Messages\StandInPost;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Messages;

it('lets a member change a sentence of a message, send it and go on, by keyboard alone', function (): void {
    $ayumi = Person::query()->where('slug', 'ayumi-kato')->firstOrFail();
    $task = Task::query()->where('assignee_id', $ayumi->id)->where('status', TaskStatus::New)->firstOrFail();
    $message = Messages::held($task);
    $this->signIn('ayumi', "/in-hand?task={$task->id}");
    $this->find("//article[@aria-label='Task {$task->number}']");
    $this->see('It is ready.');
    $this->settled();
    $this->browser->getKeyboard()->sendKeys('m');
    $this->field('Text');
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::END, ' Bring the case.']);
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, WebDriverKeys::ENTER]);
    $this->until(
        static fn(): bool => $message->refresh()->state !== MessageState::Held,
        static fn(): string => 'It does not go.',
    );
    expect([$message->text, $message->said])->toBe(['It is ready. Bring the case.', 'It is ready.']);
    $this->until(
        fn(): bool => !str_contains($this->text(), 'held for a look'),
        static fn(): string => 'The page does not show that it has gone.',
    );
});

it('lets the lead look through those that are held: sends some, drops one', function (): void {
    Task::query()->latest('number')->limit(4)->get()->each(Messages::held(...));
    $held = Message::query()->where('state', MessageState::Held)->orderByDesc('id')->limit(4)->get();
    $this->signIn('hanneke', '/outbox?state=held');
    $this->click("(//input[@type='checkbox'][starts-with(@aria-label, 'Choose the message to')])[1]");
    $this->click("(//input[@type='checkbox'][starts-with(@aria-label, 'Choose the message to')])[2]");
    $this->see('2 chosen');
    $this->press('Send');
    $this->until(
        static fn(): bool => $held
            ->take(2)
            ->every(static fn(Message $one): bool => $one->refresh()->state !== MessageState::Held),
        static fn(): string => 'They do not go.',
    );
    $this->visit("/outbox?state=held&message={$held[2]->id}");
    $this->press('Drop', '//aside');
    $this->until(
        static fn(): bool => $held[2]->refresh()->state === MessageState::Dropped,
        static fn(): string => 'It is not dropped.',
    );
    $this->visit('/stand-ins/messages/mail');
    $this->see('Stand-in for mail');
    expect(StandInPost::query()->where('channel', 'mail')->exists())->toBeTrue();
});
