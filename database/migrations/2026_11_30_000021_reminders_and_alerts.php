<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the clock tells people: that something is due or late, reminders, the summary of the morning, alerts. */
return new class extends Migration {
    public function up(): void
    {
        $this->notices();
        $this->reminders();
        $this->alerts();
    }

    private function notices(): void
    {
        Schema::table('recorded_events', static function (Blueprint $table): void {
            $table->ulid('task_id')->nullable()->change();
            // One for all that was written with one change: of it each is told one thing.
            $table->ulid('chain')->nullable();
        });
        Schema::table('notices', static function (Blueprint $table): void {
            $table->ulid('task_id')->nullable()->change();
            $table->string('text', 500)->nullable()->change();
            // Where it leads, if not to its task: a path of the application.
            $table->string('link', 200)->nullable();
            $table->ulid('chain')->nullable();
            // Besides those by which they hear of its sort.
            $table->json('channels')->nullable();
            $table->index(['chain', 'person_id']);
        });
        Schema::table('news_choices', static function (Blueprint $table): void {
            // When they last got the summary of their morning.
            $table->dateTime('summed_at')->nullable();
        });
        Schema::table('houses', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('due_soon_minutes')->default(240);
            // Teams on call, by slug: what is urgent comes to them in quiet time, too.
            $table->json('on_call')->nullable();
        });
        // How far the clock has looked, each thing by itself.
        Schema::create('clock_marks', static function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->dateTime('until');
        });
    }

    private function reminders(): void
    {
        Schema::create('reminders', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // Proposed for all tasks of a kind, or somebody's own: of one task, or of all that they hold.
            $table->foreignUlid('task_kind_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('person_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('audience', 20);
            $table->string('field', 100);
            $table->string('offset', 30);
            $table->char('time', 5)->charset('ascii')->nullable();
            $table->json('channels');
            $table->string('text', 1000)->nullable();
            $table->timestamps();
        });
        Schema::create('reminder_mutes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('person_id')->constrained()->cascadeOnDelete();
            // One of them on all tasks, or all of them on one task.
            $table->foreignUlid('reminder_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->unique(['person_id', 'reminder_id']);
            $table->unique(['person_id', 'task_id']);
        });
        // When each is due on which task, for the value that its date has; kept once it was given, so that it is once.
        Schema::create('reminder_moments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('reminder_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->constrained()->cascadeOnDelete();
            $table->string('hangs_on', 40)->charset('ascii');
            $table->dateTime('at');
            $table->dateTime('given_at')->nullable();
            $table->unique(['task_id', 'reminder_id', 'hangs_on']);
            $table->index(['given_at', 'at']);
        });
        Schema::table('messages', static function (Blueprint $table): void {
            // That it is: it can't go out once its date has moved.
            $table->foreignUlid('reminder_id')->nullable()->constrained()->nullOnDelete();
            $table->string('hangs_on', 40)->charset('ascii')->nullable();
        });
    }

    private function alerts(): void
    {
        Schema::create('alerts', static function (Blueprint $table): void {
            $table->string('kind', 40)->primary();
            $table->unsignedInteger('threshold')->nullable();
            $table->json('channels');
            // Ids of people; none: all leads.
            $table->json('people');
            $table->boolean('on')->default(true);
        });
        // What an alert was raised for, until it has not been so for an hour.
        Schema::create('alert_raised', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 40);
            $table->string('about', 80)->charset('ascii')->collation('ascii_bin');
            $table->dateTime('since');
            $table->dateTime('held_at');
            $table->unique(['kind', 'about']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('alert_raised');
        Schema::dropIfExists('alerts');
        Schema::table('messages', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('reminder_id');
            $table->dropColumn('hangs_on');
        });
        Schema::dropIfExists('reminder_moments');
        Schema::dropIfExists('reminder_mutes');
        Schema::dropIfExists('reminders');
        Schema::dropIfExists('clock_marks');
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn(['due_soon_minutes', 'on_call']));
        Schema::table('news_choices', static fn(Blueprint $table) => $table->dropColumn('summed_at'));
        Schema::table('notices', static function (Blueprint $table): void {
            $table->dropIndex(['chain', 'person_id']);
            $table->dropColumn(['link', 'chain', 'channels']);
        });
        Schema::table('recorded_events', static fn(Blueprint $table) => $table->dropColumn('chain'));
    }
};
