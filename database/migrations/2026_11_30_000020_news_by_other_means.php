<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** News reaches people by the means that they, or the house, have chosen. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('news_choices', static function (Blueprint $table): void {
            $table->foreignUlid('person_id')->primary()->constrained()->cascadeOnDelete();
            // Channels by sort of news.
            $table->json('channels');
            $table->char('quiet_from', 5)->charset('ascii')->nullable();
            $table->char('quiet_to', 5)->charset('ascii')->nullable();
            // What is urgent comes in quiet time as well.
            $table->boolean('urgent_passes')->default(false);
        });
        Schema::table('houses', static function (Blueprint $table): void {
            // Channels by sort of news that nobody may do without.
            $table->json('obligatory_news')->nullable();
        });
        Schema::table('notices', static function (Blueprint $table): void {
            // It is still to be told by other means.
            $table->boolean('waits')->default(false);
            $table->index(['waits', 'person_id']);
        });
    }

    public function down(): void
    {
        Schema::table('notices', static function (Blueprint $table): void {
            $table->dropIndex(['waits', 'person_id']);
            $table->dropColumn('waits');
        });
        Schema::table('houses', static fn(Blueprint $table) => $table->dropColumn('obligatory_news'));
        Schema::dropIfExists('news_choices');
    }
};
