<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('houses', static function (Blueprint $table): void {
            // Labels by code; of places from the top of the tree down. Which level answers: it has responsible people.
            $table->json('customer_tiers')->nullable();
            $table->json('place_levels')->nullable();
            $table->string('answering_level', 20)->nullable();
            // Grows with everything that pages show and that is neither an arrival nor seen otherwise.
            $table->unsignedBigInteger('changes')->default(0);
            // Until when the clock has been looked at for moments at which something changes by itself.
            $table->timestamp('ticked_at')->nullable();
        });
        Schema::table('task_kinds', static function (Blueprint $table): void {
            // As the web form offers it, and the facts that come with it there; null: it does not.
            $table->string('form_label')->nullable();
            $table->json('form_facts')->nullable();
        });
        Schema::table('fields', static function (Blueprint $table): void {
            // As the web form asks for it; null: it does not.
            $table->string('form_label')->nullable();
        });
        $this->takeOver();
    }

    /** What stood in the code for houses of before follows from what they have. */
    private function takeOver(): void
    {
        $tiers = DB::table('customers')
            ->distinct()
            ->orderBy('tier')
            ->pluck('tier', 'tier')
            ->map(static fn(mixed $tier): string => is_string($tier) ? ucfirst($tier) : '')
            ->all();
        $levels = [];
        for ($above = [null]; $above !== []; $above = $ids) {
            $places = DB::table('places')->where(static function (Builder $below) use ($above): void {
                $above === [null] ? $below->whereNull('parent_id') : $below->whereIn('parent_id', $above);
            });
            $ids = $places->pluck('id')->all();
            foreach ((clone $places)->distinct()->pluck('level') as $level) {
                $levels[is_string($level) ? $level : ''] = is_string($level) ? ucfirst($level) : '';
            }
        }
        // The lowest level is that of the customers themselves.
        array_pop($levels);
        DB::table('houses')->update([
            'customer_tiers' => json_encode((object) $tiers, JSON_THROW_ON_ERROR),
            'place_levels' => json_encode((object) $levels, JSON_THROW_ON_ERROR),
            'answering_level' => DB::table('places')->whereNotNull('responsible_id')->value('level'),
        ]);
    }

    public function down(): void
    {
        Schema::table(
            'houses',
            static fn(Blueprint $table) => $table->dropColumn([
                'customer_tiers',
                'place_levels',
                'answering_level',
                'changes',
                'ticked_at',
            ]),
        );
        Schema::table('task_kinds', static fn(Blueprint $table) => $table->dropColumn(['form_label', 'form_facts']));
        Schema::table('fields', static fn(Blueprint $table) => $table->dropColumn('form_label'));
    }
};
