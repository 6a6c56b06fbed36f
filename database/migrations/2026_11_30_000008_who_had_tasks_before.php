<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->foreignUlid('previous_assignee_id')->nullable()->constrained('people')->nullOnDelete();
            // Who has done work for a customer.
            $table->index(['customer_id', 'assignee_id', 'status']);
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('previous_assignee_id');
            $table->dropIndex(['customer_id', 'assignee_id', 'status']);
        });
    }
};
