<?php

declare(strict_types=1);

use App\Database\Row;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Customers are made, changed, put into one and retired by hand; they have several contacts. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('customers', static function (Blueprint $table): void {
            // A house may have one sort of customers only.
            $table->string('tier', 30)->nullable()->change();
            // Grows with every change, so that nobody overwrites what they have not seen.
            $table->unsignedInteger('revision')->default(1);
            // No longer offered; tasks and other systems go on knowing it.
            $table->timestamp('retired_at')->nullable();
            // The record that this one went into; whoever names this one means that one.
            $table->foreignUlid('merged_into_id')->nullable()->constrained('customers')->nullOnDelete();
            $table->index(['retired_at', 'name']);
        });
        Schema::create('customer_contacts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('customer_id')->constrained()->cascadeOnDelete();
            // The first is the usual one.
            $table->unsignedSmallInteger('position')->default(0);
            $table->string('name', 200)->nullable();
            $table->string('role', 120)->nullable();
            $table->string('email')->nullable()->index();
            $table->string('phone', 60)->nullable();
        });
        Schema::create('customer_merges', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('kept_id')->constrained('customers')->cascadeOnDelete();
            $table->foreignUlid('gone_id')->constrained('customers')->cascadeOnDelete();
            // What the kept one got of the other: columns, values of fields and ids of contacts.
            $table->json('taken');
            $table->timestamp('at');
            $table->timestamp('undone_at')->nullable();
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // The merge by which it came to its customer, for undoing that.
            $table->ulid('customer_merge_id')->nullable()->index();
        });
        $this->moveContacts();
    }

    private function moveContacts(): void
    {
        DB::table('customers')
            ->whereNotNull('contact')
            ->orderBy('id')
            ->each(static function (object $row): void {
                $contact = (new Row($row))->text('contact');
                DB::table('customer_contacts')->insert([
                    'id' => strtolower((string) Str::ulid()),
                    'customer_id' => (new Row($row))->text('id'),
                    str_contains($contact, '@') ? 'email' : 'name' => $contact,
                ]);
            });
        Schema::table('customers', static function (Blueprint $table): void {
            $table->dropColumn('contact');
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('customer_merge_id'));
        Schema::dropIfExists('customer_merges');
        Schema::dropIfExists('customer_contacts');
        Schema::table('customers', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('merged_into_id');
            $table->dropIndex(['retired_at', 'name']);
            $table->dropColumn(['revision', 'retired_at']);
            $table->string('contact')->nullable();
        });
    }
};
