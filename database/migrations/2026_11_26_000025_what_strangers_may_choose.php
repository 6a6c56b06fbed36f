<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Whoever looks at the web form reads the names that it offers; a house says which. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('customers', static function (Blueprint $table): void {
            $table->boolean('on_form')->default(false)->after('contact');
        });
    }

    public function down(): void
    {
        Schema::table('customers', static fn(Blueprint $table) => $table->dropColumn('on_form'));
    }
};
