<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\Customers\Customer;
use App\Models\Rollouts\Rollout;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverBy;
use Symfony\Component\Finder\Finder;
use Tests\BrowserTestCase;
use Tests\Support\Cases;
use Tests\Support\Levellings;
use Tests\Support\Messages;
use Tests\Support\Runsheets;
use Tests\Support\Sweeps;

require_once __DIR__ . '/DraftFunctions.php';
require_once __DIR__ . '/RefusedFunctions.php';

/** What sends the form is there, and can be used. */
function untilSendable(BrowserTestCase $test, string $send): void
{
    $test->until(
        fn(): bool => $test->browser->findElement(WebDriverBy::xpath($send))->isEnabled(),
        fn(): string => "It stays out of use: {$send}. The page says:\n" . $test->text(),
    );
}

it(
    'says of each form what was refused, also what the form has no entry for, and keeps what is typed',
    function (): void {
        $answer = Cases::asksLead();
        $ids = [
            '{task}' => Task::query()
                ->whereNotNull('assignee_id')
                ->whereNull('answers')
                ->where('status', 'new')
                ->firstOrFail()->id,
            '{asked}' => Absence::query()->where('status', 'asked')->firstOrFail()->id,
            '{case}' => Cases::ofDemo()->id,
            '{approved}' => $answer->case_id,
            '{answer}' => $answer->id,
            '{levelling}' => Levellings::workedOut(overloaded: true)->id,
            '{rollouts}' => Rollout::query()->where('name', 'Autumn check')->firstOrFail()->id,
            '{runs}' => Run::query()->running()->firstOrFail()->id,
            '{run}' => Sweeps::lookedAt('Set-ups of the orchestra to Tobias')->id,
            '{message}' => (string) Messages::held(Task::query()->latest('number')->firstOrFail())->id,
            '{picture}' => base_path('database/seeders/Demo/pictures/card.png'),
            '{customer}' => (string) Customer::query()->whereNull('retired_at')->firstOrFail()->slug,
        ];
        Runsheets::oneMoreStep('large-repair');
        $refuse = (string) file_get_contents(base_path('tests/Support/refuse.js'));
        $silent = [];
        $signedIn = '';
        foreach (FORMS as $source => [$who, $path, $steps, $send]) {
            $steps = array_map(static fn(string $step): string => strtr($step, $ids), $steps);
            if ($who !== $signedIn) {
                $this->forgetSignIns();
                $this->signIn($signedIn = $who);
            }
            try {
                $this->visit(strtr($path, $ids));
                $this->settled();
                $again = array_filter($steps, static fn(string $step): bool => $step[0] === '*');
                fillForm($this, array_diff($steps, $again));
                // What a form waits for before it can be sent is not refused.
                $again === [] && untilSendable($this, $send);
                $this->browser->executeScript($refuse);
                foreach (['What is made up is refused.', 'As a whole it is refused.'] as $said) {
                    fillForm($this, array_map(static fn(string $step): string => substr($step, 1), $again));
                    if (!isRefused($this, $send, $said)) {
                        $silent[] = "{$source}: {$said}";
                    }
                    $this->browser->executeScript('window.isProblem = true;');
                }
            } catch (Throwable $error) {
                $silent[] = "{$source}: " . mb_strimwidth($error->getMessage(), 0, 300);
            }
        }
        withoutDraft();
        expect($silent)->toBe([]);
    },
);

it('tries every source that sends a form', function (): void {
    $sources = [];
    foreach (
        Finder::create()
            ->files()
            ->name('/\.tsx?$/')
            ->notName('use*Sending.ts')
            ->in(resource_path('js'))
            ->exclude('tests')
        as $file
    ) {
        if (preg_match('/useForm[<(]|use\w*Sending\(|onError:/', $file->getContents()) === 1) {
            $sources[] = basename($file->getPath()) . '/' . $file->getFilename();
        }
    }
    expect($sources)->toEqualCanonicalizing(array_keys(FORMS));
});
