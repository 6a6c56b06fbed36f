<?php

declare(strict_types=1);

use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\Tasks\TaskKind;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Guides to how things are done, with what they said before, what they are about and who has looked at them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('guides', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('slug', 120)->charset('ascii')->unique();
            $table->string('name', 200);
            // The number of the version that holds.
            $table->unsignedInteger('version')->default(1);
            $table->foreignUlid('author_id')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('changed_at');
            $table->dateTime('retired_at')->nullable();
        });
        Schema::create('guide_versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('guide_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('name', 200);
            $table->mediumText('text');
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('at');
            $table->unique(['guide_id', 'number']);
        });
        Schema::create('guide_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('guide_id')->constrained()->cascadeOnDelete();
            $table->string('about', 20);
            $table->string('target', 200);
            $table->unique(['guide_id', 'about', 'target']);
            $table->index(['about', 'target']);
        });
        Schema::create('guide_reads', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('guide_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->dateTime('at');
            $table->unique(['guide_id', 'user_id']);
        });
        Schema::create('guide_pictures', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('type', 80);
            $table->string('path', 255);
            // A guide has come to show it: it stays, since earlier versions do.
            $table->boolean('shown')->default(false);
            $table->dateTime('at');
            $table->index(['user_id', 'shown', 'at']);
        });
        $this->fromKinds();
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->dropColumn('guide'));
        Schema::table('houses', static function (Blueprint $table): void {
            // Of the tasks by which authors hear that a guide is not right; null: the kind at hand.
            $table->foreignUlid('guide_kind_id')->nullable()->constrained('task_kinds')->nullOnDelete();
        });
    }

    /** What kinds of task said themselves until now. */
    private function fromKinds(): void
    {
        foreach (TaskKind::query()->whereNotNull('guide')->orderBy('position')->get() as $kind) {
            $text = $kind->getAttribute('guide');
            $guide = Guide::query()->create([
                'slug' => $kind->slug,
                'name' => $kind->name,
                'version' => 1,
                'changed_at' => now(),
            ]);
            $guide->versions()->create([
                'number' => 1,
                'name' => $kind->name,
                'text' => is_string($text) ? $text : '',
                'at' => now(),
            ]);
            $guide->links()->create(['about' => GuideAbout::Kind, 'target' => $kind->slug]);
        }
    }

    public function down(): void
    {
        Schema::table('houses', static fn(Blueprint $table) => $table->dropConstrainedForeignId('guide_kind_id'));
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->text('guide')->nullable());
        foreach (['guide_pictures', 'guide_reads', 'guide_links', 'guide_versions', 'guides'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
