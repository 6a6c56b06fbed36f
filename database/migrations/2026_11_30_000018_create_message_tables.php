<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Messages that leave the house, what became of each, and the stand-ins that take them. */
return new class extends Migration {
    public function up(): void
    {
        $this->messages();
        Schema::table('houses', static function (Blueprint $table): void {
            $table->boolean('holds_for_customers')->default(false);
        });
        Schema::create('message_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('message_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->string('step', 20);
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('note', 500)->nullable();
        });
        Schema::create('stand_in_channels', static function (Blueprint $table): void {
            $table->string('channel', 20)->primary();
            $table->string('behaviour', 20);
        });
        // What stand-ins have taken: each message once, however often it comes.
        Schema::create('stand_in_posts', static function (Blueprint $table): void {
            $table->id();
            $table->string('channel', 20);
            $table->string('message', 80)->charset('ascii');
            $table->string('address');
            $table->string('subject', 200)->nullable();
            $table->mediumText('text');
            $table->mediumText('raw')->nullable();
            $table->dateTime('at');
            $table->unique(['channel', 'message']);
        });
    }

    private function messages(): void
    {
        Schema::create('messages', static function (Blueprint $table): void {
            // Counts up in the order in which they were made.
            $table->id();
            // Of what made it, for whom and by which channel: that can happen twice, the message cannot.
            $table->char('key', 64)->charset('ascii')->unique();
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('recipient_kind', 20);
            $table->string('recipient', 60)->charset('ascii')->collation('ascii_bin');
            $table->string('recipient_name', 200);
            $table->string('address')->nullable();
            $table->string('channel', 20);
            $table->string('subject', 200)->nullable();
            $table->mediumText('text');
            // What was said before somebody changed it for this once.
            $table->mediumText('said')->nullable();
            // Of the task, that go with it: their ids.
            $table->json('files')->nullable();
            $table->string('state', 20);
            // By when its task was to be done as it was prepared.
            $table->dateTime('due_at')->nullable();
            $table->dateTime('not_before')->nullable();
            $table->unsignedTinyInteger('failures')->default(0);
            $table->dateTime('next_try_at')->nullable();
            // Of the worker that sends it; another takes it once this has run out.
            $table->ulid('lease')->nullable();
            $table->dateTime('lease_until')->nullable();
            $table->dateTime('sent_at')->nullable();
            $table->string('problem', 500)->nullable();
            // It was given up, and rules have still to be told.
            $table->boolean('to_tell_rules')->default(false)->index();
            $table->string('rule', 120)->nullable();
            $table->foreignUlid('rulebook_version_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('at');
            $table->index(['state', 'next_try_at']);
            $table->index(['recipient', 'channel', 'state']);
        });
    }

    public function down(): void
    {
        foreach (['stand_in_posts', 'stand_in_channels', 'message_steps', 'messages'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('houses', static function (Blueprint $table): void {
            $table->dropColumn('holds_for_customers');
        });
    }
};
