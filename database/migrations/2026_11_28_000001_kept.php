<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the list says of a survey without computing it, jobs laid aside, and names that are told apart to the letter. */
return new class extends Migration
{
    /** Columns that name something, with their lengths: "A" and "a", "e" and "é" are not the same name. */
    private const NAMES = [
        'points' => ['code' => 40],
        'surveys' => ['code' => 40],
        'plan_operations' => ['code' => 40],
        'readings' => ['client_id' => 40],
        'reference_sources' => ['code' => 40],
        'instrument_requests' => ['client_id' => 40],
        'blocked_readings' => ['reading' => 100],
        'users' => ['email' => 190],
    ];

    public function up(): void
    {
        Schema::table('surveys', function (Blueprint $table): void {
            $table->unsignedInteger('facts_revision')->nullable()->comment('of the log when the facts were computed');
            $table->json('facts')->nullable()->comment('what the list of jobs says of it');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->timestamp('archived_at')->nullable();
            $table->index(['workshop_id', 'archived_at', 'updated_at']);
        });
        $this->collate('utf8mb4_bin');
    }

    public function down(): void
    {
        $this->collate('utf8mb4_unicode_ci');
        Schema::table('jobs', function (Blueprint $table): void {
            // The foreign key leans on an index that begins with its column.
            $table->index('workshop_id');
            $table->dropIndex(['workshop_id', 'archived_at', 'updated_at']);
            $table->dropColumn('archived_at');
        });
        Schema::table('surveys', fn (Blueprint $table) => $table->dropColumn(['facts_revision', 'facts']));
    }

    private function collate(string $collation): void
    {
        foreach (self::NAMES as $name => $columns) {
            Schema::table($name, function (Blueprint $table) use ($columns, $collation): void {
                foreach ($columns as $column => $length) {
                    $table->string($column, $length)->collation($collation)->change();
                }
            });
        }
        Schema::table('points', fn (Blueprint $table) => $table->string('mate_code', 40)->nullable()->collation($collation)->change());
    }
};
