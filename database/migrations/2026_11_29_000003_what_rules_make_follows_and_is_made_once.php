<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use OpenBaton\Core\Document\TextLimits;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // The rule that made it, by its id.
            $table->string('made_by_rule', TextLimits::ID)->nullable()->after('made_by_id');
            // Title and details as they were written, with the fields that they follow.
            $table->json('text_follows')->nullable()->after('due_follows');
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropColumn(['made_by_rule', 'text_follows']);
        });
    }
};
