<?php

declare(strict_types=1);

use App\Reminders\ReminderWords;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;

/** Columns whose text comes from outside, and the limit that it is read by. */
const LIMITED = [
    'absences.reason' => TextLimits::NOTE,
    'absences.decided_word' => TextLimits::NOTE,
    'absences.slug' => TextLimits::ID,
    'activity_log.description' => TextLimits::NAME * 2 + TextLimits::LABEL,
    'case_stays.reason' => TextLimits::REASON,
    'case_stays.stage' => TextLimits::LABEL,
    'case_stays.came_from' => TextLimits::LABEL,
    'cases.made_by_rule' => TextLimits::ID,
    'cases.stage' => TextLimits::LABEL,
    'cases.title' => TextLimits::NAME,
    'tasks.case_stage' => TextLimits::LABEL,
    'track_versions.note' => TextLimits::NOTE,
    'tracks.name' => TextLimits::LABEL,
    'duties.name' => TextLimits::LABEL,
    'duties.slug' => TextLimits::LABEL,
    'rollouts.name' => TextLimits::LABEL,
    'rollout_nodes.node' => TextLimits::ID,
    'rollout_nodes.parent' => TextLimits::ID,
    'rollout_nodes.name' => TextLimits::NAME,
    'rollout_nodes.title' => TextLimits::NAME,
    'rollout_nodes.details' => TextLimits::DETAILS,
    'runsheets.name' => TextLimits::LABEL,
    'runsheets.slug' => TextLimits::LABEL,
    'runs.rule' => TextLimits::ID,
    'run_blocks.key' => TextLimits::LABEL,
    'tracks.slug' => TextLimits::LABEL,
    'checklists.name' => TextLimits::LABEL,
    'checklists.slug' => TextLimits::SHORT_NAME,
    'comments.body' => TextLimits::PROSE,
    'coverage_acts.rule' => TextLimits::ID,
    'coverage_lefts.kind' => TextLimits::SHORT_NAME,
    'coverage_lefts.path' => TextLimits::ID,
    'coverage_lefts.value' => TextLimits::ID,
    'coverage_meets.rule' => TextLimits::ID,
    'coverage_meets.taker' => TextLimits::ID,
    'coverage_counts.rule' => TextLimits::ID,
    'coverage_counts.rule_before' => TextLimits::ID,
    'decisions.rule' => TextLimits::ID,
    'messages.recipient_name' => TextLimits::NAME,
    'messages.address' => TextLimits::NAME,
    'messages.subject' => TextLimits::NAME,
    'messages.text' => 20_000,
    'messages.said' => 20_000,
    'messages.problem' => TextLimits::REASON,
    'messages.rule' => TextLimits::ID,
    'message_steps.note' => TextLimits::REASON,
    'stand_in_posts.address' => TextLimits::NAME,
    'stand_in_posts.subject' => TextLimits::NAME,
    'stand_in_posts.text' => 20_000,
    'stand_in_posts.raw' => 100_000,
    'notices.text' => TextLimits::REASON,
    'reminders.field' => TextLimits::SHORT_NAME + 9,
    'reminders.text' => ReminderWords::MOST,
    'fields.label' => TextLimits::LABEL,
    'fields.path' => TextLimits::SHORT_NAME + 9,
    'fields.form_label' => TextLimits::LABEL,
    'houses.form_lead' => TextLimits::NAME,
    'handoffs.reason' => TextLimits::REASON,
    'task_changes.reason' => TextLimits::REASON,
    'approvals.name' => TextLimits::LABEL,
    'approvals.details' => TextLimits::DETAILS,
    'approvals.rule' => TextLimits::ID,
    'tasks.answers' => TextLimits::LABEL,
    'people.name' => TextLimits::NAME,
    'people.slug' => TextLimits::ID,
    'people.email' => TextLimits::NAME,
    'people.phone' => TextLimits::PHONE,
    'people.intake_paused_reason' => TextLimits::NAME,
    'people.calendar' => TextLimits::ID,
    'personal_access_tokens.name' => TextLimits::LABEL,
    'places.name' => TextLimits::NAME,
    'places.slug' => TextLimits::ID,
    'rotation_turns.reason' => TextLimits::REASON,
    'rulebook_writers.rule_id' => TextLimits::ID,
    'sweep_runs.name' => TextLimits::NAME,
    'sweep_runs.rule_id' => TextLimits::ID,
    'sweeps.name' => TextLimits::NAME,
    'rotations.name' => TextLimits::ROTATION,
    'rulebook_versions.note' => TextLimits::NOTE,
    'findings_set_aside.reason' => TextLimits::REASON,
    'skills.name' => TextLimits::NAME,
    'skills.slug' => TextLimits::ID,
    'stand_in_events.name' => TextLimits::NAME,
    'task_covers.absence' => TextLimits::ID,
    'task_files.name' => TextLimits::NAME,
    'task_kinds.name' => TextLimits::LABEL,
    'task_kinds.slug' => TextLimits::SHORT_NAME,
    'guides.name' => TextLimits::NAME,
    'guide_versions.name' => TextLimits::NAME,
    'guide_versions.text' => TextLimits::GUIDE,
    'guide_links.target' => TextLimits::NAME,
    'task_kinds.form_label' => TextLimits::LABEL,
    'tasks.postponed_for' => TextLimits::REASON,
    'tasks.to_hand_on_note' => TextLimits::REASON,
    'tasks.title' => TextLimits::TITLE,
    'tasks.description' => TextLimits::DETAILS,
    'tasks.contact' => TextLimits::TITLE,
    'task_lists.name' => TextLimits::LABEL,
    'customer_contacts.name' => TextLimits::NAME,
    'customer_contacts.role' => TextLimits::LABEL,
    'customer_contacts.email' => TextLimits::TITLE,
    'customer_contacts.phone' => TextLimits::PHONE,
    'tasks.outcome_note' => TextLimits::PROSE,
    'tasks.waiting_for' => TextLimits::NAME,
    'tasks.key' => 120,
    'tasks.made_by_rule' => TextLimits::ID,
    'teams.name' => TextLimits::NAME,
    'teams.slug' => TextLimits::ID,
    'users.name' => TextLimits::NAME,
    'users.email' => TextLimits::NAME,
];

/** Columns of the framework and its packages, and of the application's own words: codes, digests, instants, zones. */
const OWN_WORDS =
    '/^(cache|cache_locks|jobs|failed_jobs|job_batches|migrations|permissions|roles|model_has_\w+|role_has_\w+|' .
    'sessions|clock_marks)\.|' .
    '\.(status|kind|type|cause|occasion|event|outcome|state|seat|level|tier|source|system|' .
    'saved_by_system|about|hangs_on|link|audience|offset|time|' .
    'locale|only_one|zone|priority|held|hand_back|resumes_as|answering_level|log_name|' .
    'subject_type|causer_type|tokenable_type|abilities|token|secret|key|key_hash|hash|timer|path|' .
    'password|remember_token|intake_paused_until|batch_uuid|consumer|settling|signature|fault|' .
    'why|came|was|comes_to|recipient|recipient_kind|channel|step|behaviour|message)$|^chain_cuts\.reason$|' .
    '^houses\.(name|form_customers)$|^customers\.(name|slug)$|' .
    '^news_choices\.quiet_(from|to)$|^learned_efforts\.value$|^guides\.slug$|^guide_links\.about$|' .
    '^calendar_feeds\.what$|^figures\.(by|whose)$|^task_lists\.of$|^duty_dates\.missed$|' .
    '^run_blocks\.answer$|^runs\.only$|^rollouts\.tree$|^map_(nodes|arrows|findings)\./';

it('has a limit for each text that comes from outside, and a column in which it fits', function (): void {
    $columns = DB::table('information_schema.columns')
        ->where('table_schema', DB::connection()->getDatabaseName())
        ->whereNotNull('character_set_name')
        ->where('column_type', '<>', 'char(26)')
        ->orderBy('table_name')
        ->orderBy('column_name')
        ->get([
            'table_name AS of',
            'column_name AS name',
            'data_type AS type',
            'character_maximum_length AS characters',
            'character_octet_length AS bytes',
        ]);
    $unknown = $narrow = [];
    foreach ($columns as $column) {
        $name = "{$column->of}.{$column->name}";
        $limit = LIMITED[$name] ?? null;
        if ($limit === null) {
            // Documents are longer than anything that is taken in.
            if ($column->type !== 'longtext' && preg_match(OWN_WORDS, $name) !== 1) {
                $unknown[] = $name;
            }
        } elseif ($column->type === 'varchar' ? $column->characters < $limit : $column->bytes < $limit * 4) {
            $narrow[] = $name;
        }
    }
    expect($unknown)->toBe([]);
    expect($narrow)->toBe([]);
    expect(
        array_diff(
            array_keys(LIMITED),
            $columns->map(static fn(object $one): string => "{$one->of}.{$one->name}")->all(),
        ),
    )->toBe([]);
});
