<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('absences', static function (Blueprint $table): void {
            $table->string('kind', 20)->default('leave')->after('status');
            $table->foreignUlid('asked_by')->nullable()->after('reason')->constrained('users')->nullOnDelete();
            $table->foreignUlid('decided_by')->nullable()->after('asked_by')->constrained('users')->nullOnDelete();
            $table->timestamp('decided_at')->nullable()->after('decided_by');
            // With which word it was approved or declined.
            $table->string('decided_word', 255)->nullable()->after('decided_at');
        });
    }

    public function down(): void
    {
        Schema::table('absences', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('asked_by');
            $table->dropConstrainedForeignId('decided_by');
            $table->dropColumn(['kind', 'decided_at', 'decided_word']);
        });
    }
};
