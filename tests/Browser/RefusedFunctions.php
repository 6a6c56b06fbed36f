<?php

declare(strict_types=1);

/** What sends a form where the steps do not name it. */
const SENDS = "(//*[@role='dialog']//button[@type='submit'])[last()]";

/** The first row of a table. */
const TICKED = "(//table//input[@type='checkbox'])[2]";

/**
 * By their source: who sees it, where, what is pressed (or typed, after the label; each time, with a star) until it can
 * be sent, and what sends it.
 */
const FORMS = [
    'SignIn/SignIn.tsx' => [
        '',
        '/sign-in',
        ['E-mail address := x@alderquill.example', 'Password := port'],
        "//button[@type='submit']",
    ],
    'signins/useSecret.ts' => ['admin', '/sign-ins', ['New token'], SENDS],
    'signins/JoinDialog.tsx' => ['admin', '/sign-ins', ["(//button[normalize-space(.)='Whose it is'])[1]"], SENDS],
    'parts/PasswordForm.tsx' => [
        'hanneke',
        '/account',
        [
            "//input[@autocomplete='current-password'] := port",
            "(//input[@autocomplete='new-password'])[1] := port-selwyn-1",
        ],
        "//form[.//input[@type='password']]//button[@type='submit']",
    ],
    'parts/ActionDialog.tsx' => ['hanneke', '/tasks/{task}', ['More', 'Hand on'], SENDS],
    'parts/EditDialog.tsx' => ['hanneke', '/tasks/{task}', ['More', 'Change it', 'Title := Another title'], SENDS],
    'task/Said.tsx' => ['hanneke', '/tasks/{task}', ['Say something := Well'], "//button[normalize-space(.)='Say it']"],
    'parts/LinkedTasks.tsx' => [
        'hanneke',
        '/tasks/{task}',
        ['*Link another task: by number, title or customer := violin'],
        "(//*[@role='option'])[1]",
    ],
    'inHand/Several.tsx' => [
        'ayumi',
        '/in-hand',
        ['Choose several', "(//nav[@aria-label='My tasks']//input[@type='checkbox'])[1]"],
        "//section[@aria-label='Choose several']//button[normalize-space(.)='Complete']",
    ],
    'task/Pieces.tsx' => ['hanneke', '/tasks/{task}', [], "//input[@type='file']"],
    'parts/Intake.tsx' => ['hanneke', '/floor?person=ayumi-kato', ['Pause intake'], SENDS],
    'Task/NewTask.tsx' => ['hanneke', '/tasks/new', ['Title := A lyre'], "//button[normalize-space(.)='Make it']"],
    'ruletable/FromSpreadsheet.tsx' => [
        'hanneke',
        '/rulebook/table?rule=woodwind-round',
        ['From a spreadsheet …'],
        "//*[@role='dialog']//input[@type='file']",
    ],
    'sweep/SweepEditor.tsx' => [
        'hanneke',
        '/rulebook/sweeps',
        ["(//nav//a[starts-with(@href, '/rulebook/sweeps?')])[1]"],
        "//button[normalize-space(.)='Save']",
    ],
    'Sweeps/SweepRun.tsx' => ['hanneke', '/rulebook/sweep-runs/{run}', [], "(//table//input[@type='checkbox'])[2]"],
    'tables/TableImport.tsx' => ['hanneke', '/customers', ['From a table …'], "//input[@type='file']"],
    'tasks/HandOnMany.tsx' => ['hanneke', '/tasks', [TICKED, "//button[contains(., 'Hand 1 on')]"], SENDS],
    'runsheet/StartOnMany.tsx' => ['hanneke', '/tasks', [TICKED, "//button[contains(., 'sheet on 1')]"], SENDS],
    'tasks/NamedLists.tsx' => ['hanneke', '/tasks?due=late', ['Name this list …', 'Name := Late'], SENDS],
    'absence/AbsenceDialog.tsx' => ['hanneke', '/absences', ['Enter an absence'], SENDS],
    'absence/DecideDialog.tsx' => ['hanneke', '/absences/{asked}', ['Approve'], SENDS],
    'absence/IllDialog.tsx' => ['hanneke', '/floor?person=ayumi-kato', ['Ill today'], SENDS],
    'absence/MinimumDialog.tsx' => ['hanneke', '/absences', ['Set a minimum'], SENDS],
    'Absences/Calendars.tsx' => ['hanneke', '/absences/calendars', [], "//input[@type='file']"],
    'customers/CustomerDialog.tsx' => ['hanneke', '/customers', ['New customer'], SENDS],
    'customers/CustomerPanel.tsx' => [
        'hanneke',
        '/customers?customer={customer}',
        ['Name := Another name'],
        "//article//button[@type='submit']",
    ],
    'customers/MergeDialog.tsx' => ['hanneke', '/customers?customer={customer}', ['Put into another record …'], SENDS],
    'outbox/EditMessage.tsx' => [
        'hanneke',
        '/outbox?message={message}',
        ["//aside//button[normalize-space(.)='Change it for this once']"],
        "//aside//button[normalize-space(.)='Save and send']",
    ],
    'outbox/SteerBar.tsx' => [
        'hanneke',
        '/outbox?message={message}',
        ["//aside//button[normalize-space(.)='Not before …']"],
        SENDS,
    ],
    'parts/NewsChoice.tsx' => [
        'hanneke',
        '/news',
        ["//summary[contains(., 'By which other means')]", "(//main//table//input[@type='checkbox'])[1]"],
        "(//main//form[.//table]//button[@type='submit'])[1]",
    ],
    'task/WriteMessage.tsx' => ['hanneke', '/tasks/{task}', ['Write a message', 'Text := Ready'], SENDS],
    'reminders/ReminderDialog.tsx' => ['hanneke', '/reminders', ['Remind me'], SENDS],
    'Reminders/Reminders.tsx' => [
        'hanneke',
        '/reminders',
        ['How long before it is due people hear that something is to be done soon := 90'],
        "(//main//form//button[@type='submit'])[1]",
    ],
    'Alerts/Alerts.tsx' => [
        'hanneke',
        '/alerts',
        ["(//main//form//input[@type='checkbox'])[1]"],
        "(//main//form//button[@type='submit'])[1]",
    ],
    'floor/GiveDialog.tsx' => [
        'hanneke',
        '/floor',
        ["(//aside//button[normalize-space(.)='Give …'])[1]", '(//div[@data-lane]//button[@data-name])[2]'],
        SENDS,
    ],
    'Levelling/Levelling.tsx' => ['hanneke', '/levellings/{levelling}', [], "(//table//input[@type='checkbox'])[1]"],
    'cases/CaseDialogs.tsx' => ['hanneke', '/cases/{case}', ['Close it'], SENDS],
    'cases/CaseHead.tsx' => ['hanneke', '/cases/{case}', [], "//button[normalize-space(.)='Watch it']"],
    'cases/CaseTasks.tsx' => ['hanneke', '/cases/{case}', ["//button[normalize-space(.)='Put a task into it']"], SENDS],
    'cases/EditCase.tsx' => ['hanneke', '/cases/{case}', ['Change it'], SENDS],
    'cases/OpenCase.tsx' => ['hanneke', '/cases', ['Open a case'], SENDS],
    'approvals/Approvals.tsx' => ['hanneke', '/cases/{approved}', [], "//button[normalize-space(.)='Remind them']"],
    'approvals/AskApproval.tsx' => ['hanneke', '/cases/{case}', ['Ask for an approval'], SENDS],
    'approvals/Answer.tsx' => ['hanneke', '/in-hand?task={answer}', [], "//button[normalize-space(.)='Yes']"],
    'lib/useDuty.ts' => ['hanneke', '/duties/hire-list/edit', ['Name := List'], "//button[normalize-space(.)='Save']"],
    'lib/useWritten.ts' => ['hanneke', '/tracks/hire/edit', ['Name := Horns'], "//button[.='Save the draft']"],
    'Cases/Tracks.tsx' => ['hanneke', '/tracks', [], "//input[@type='file']"],
    'Runsheets/Runsheets.tsx' => ['hanneke', '/runsheets', [], "//input[@type='file']"],
    'Rollouts/Rollout.tsx' => ['hanneke', '/rollouts/{rollouts}', ['Take it back'], SENDS],
    'Rollouts/RolloutEditor.tsx' => ['hanneke', '/rollouts/{rollouts}/again', [], '(//header//button)[last()]'],
    'runsheet/MoveRuns.tsx' => ['hanneke', '/runsheets', ["//button[contains(., 'earlier version')]"], SENDS],
    'Runsheets/Run.tsx' => ['hanneke', '/runs/{runs}', ['*Call the run off'], "(//*[@role='menuitem'])[1]"],
    'runsheet/Runs.tsx' => ['hanneke', '/tasks/{task}', ['*Start a runsheet'], "(//*[@role='menuitem'])[1]"],
    'levelling/StartLevelling.tsx' => ['hanneke', '/levellings', ['Level'], SENDS],
    'guides/GuideForm.tsx' => [
        'hanneke',
        '/guides',
        ['New guide', 'Name := Felts'],
        "//aside//button[normalize-space(.)='Save']",
    ],
    'guides/NotRight.tsx' => [
        'hanneke',
        '/guides?guide=quote',
        ['This is not right', 'What is not right, and what would be := All'],
        SENDS,
    ],
    'guides/GuideEditor.tsx' => [
        'hanneke',
        '/guides?guide=quote',
        [
            'Change it',
            'Picture',
            "//*[@role='dialog']//input[@type='file'] := {picture}",
            'What it shows, for those who do not see it := Felt',
        ],
        SENDS,
    ],
    'house/FieldDialog.tsx' => ['hanneke', '/house', ['New field'], SENDS],
    'house/KindDialog.tsx' => ['hanneke', '/house', ['New kind'], SENDS],
    'house/ChecklistDialog.tsx' => ['hanneke', '/house', ['New checklist'], SENDS],
    'house/LabelList.tsx' => [
        'hanneke',
        '/house',
        ["//*[@id='levels']//button[normalize-space(.)='Another level']"],
        "//*[@id='levels']//button[normalize-space(.)='Save']",
    ],
    'house/CustomerWords.tsx' => [
        'hanneke',
        '/house',
        ["(//form[.//button[normalize-space(.)='Save these words']]//input)[1] := Well"],
        "//button[normalize-space(.)='Save these words']",
    ],
    'house/WebForm.tsx' => [
        'hanneke',
        '/house',
        ["//label[contains(., 'are not asked for')]"],
        "//form[contains(., 'are not asked for')]//button[@type='submit']",
    ],
    'House/Setup.tsx' => ['hanneke', '/setup', [], "//button[starts-with(@aria-label, 'Add it: the rule that goes')]"],
    'people/PersonForm.tsx' => ['hanneke', '/people?person=new', [], "//aside//button[@type='submit']"],
    'people/CalendarHours.tsx' => ['hanneke', '/people?person=new', [], "//aside//input[@type='file']"],
    'people/ChangeDialog.tsx' => [
        'hanneke',
        '/people',
        ["(//table//input[@type='checkbox'])[2]", "//button[contains(., 'Change 1 person')]"],
        SENDS,
    ],
    'people/HouseParts.tsx' => ['hanneke', '/people', ['Change hours, holidays and load'], SENDS],
    'people/ItemDialog.tsx' => ['hanneke', '/people', ['New team'], SENDS],
    'People/Leaving.tsx' => ['hanneke', '/people/femi-adeyinka/leaving', [], "//button[@type='submit']"],
    'People/Places.tsx' => ['hanneke', '/places', [], "(//button[starts-with(@aria-label, 'Retire ')])[1]"],
    'places/PlaceDialog.tsx' => ['hanneke', '/places', ['New: Region'], SENDS],
    'roster/RosterImportDialog.tsx' => ['hanneke', '/people', ['Import …'], "//input[@type='file']"],
    'rotation/CorrectDialog.tsx' => ['hanneke', '/rulebook/rotations', ['Begin anew …'], SENDS],
    'rule/ImportDialog.tsx' => ['hanneke', '/rulebook', ['Import …'], "//input[@type='file']"],
    'rule/PublishDialog.tsx' => [
        'hanneke',
        '/rulebook',
        ['More for rule 2', 'Pause', '~Draft saved', 'Publish …'],
        SENDS,
    ],
];

/** Brings a form so far that it can be sent, as one does. */
function fillForm(mixed $test, array $steps): void
{
    foreach ($steps as $step) {
        [$where, $text] = [...explode(' := ', $step, 2), null];
        match (true) {
            str_starts_with($step, '~') => $test->see(substr($step, 1)),
            !str_starts_with($where, '/') && !str_starts_with($where, '(') => $text === null
                ? $test->press($where)
                : $test->fill($where, $text),
            $text === null => $test->click($where),
            default => $test->find($where)->sendKeys($text),
        };
        $test->settled();
    }
}

/** Sends it, and waits for what is said. */
function isRefused(mixed $test, string $send, string $said): bool
{
    if (str_contains($send, "@type='file'")) {
        $test->browser->executeScript('arguments[0].value = "";', [$test->find($send)]);
        $test->find($send)->sendKeys(base_path('docs/examples/refused.csv'));
    } else {
        $test->click($send);
    }
    // What changes the page at that very moment may swallow the press; it is pressed again then, as one does.
    for ($press = 0; $press < 3; ++$press) {
        for ($end = microtime(true) + 10; microtime(true) < $end; usleep(60_000)) {
            if (str_contains($test->text(), $said)) {
                return true;
            }
        }
        if (!str_contains($send, "@type='file'")) {
            $test->click($send);
        }
    }

    return false;
}
