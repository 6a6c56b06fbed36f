<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Database\Row;
use App\Models\House\House;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\RulebookUpgrade;

/*
 * A version keeps the fields that its rules were written for, so that it can be
 * read for as long as there are decisions of it, whatever becomes of the house.
 * Rules of the first format become rules of today's.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('rulebook_versions', static function (Blueprint $table): void {
            $table->json('fields')->nullable()->after('rules');
            // What saved it where nobody did, such as "command line".
            $table->string('saved_by_system', 60)->nullable()->after('saved_by');
        });
        if (House::query()->doesntExist()) {
            return;
        }
        $fields = json_encode(
            RulebookFormat::writeCatalogue(app(SnapshotSource::class)->current()->catalogue),
            JSON_THROW_ON_ERROR,
        );
        foreach (DB::table('rulebook_versions')->get(['id', 'rules']) as $version) {
            $version = new Row($version);
            $rules = RulebookUpgrade::rules(Node::parse($version->text('rules')), RulebookUpgrade::FROM);
            DB::table('rulebook_versions')
                ->where('id', $version->text('id'))
                ->update(['rules' => json_encode($rules->value, JSON_THROW_ON_ERROR), 'fields' => $fields]);
        }
    }

    public function down(): void
    {
        Schema::table(
            'rulebook_versions',
            static fn(Blueprint $table) => $table->dropColumn(['fields', 'saved_by_system']),
        );
    }
};
