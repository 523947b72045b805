<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Voice notes, entries that waited for a network, and what a person decides about the run sheet and the hand-over. */
return new class extends Migration
{
    private const OF_JOB = ['run_arrows' => 'steps that a person wants before others', 'strip_list' => 'what comes off besides what the plan knows of', 'weld_choices' => 'school of sequence by joint, and whether it is held', 'coatings' => 'what is coated with what, and when it is closed', 'hand_over' => 'open points, re-check dates, permanent marks'];

    public function up(): void
    {
        Schema::create('recordings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('mime', 30);
            $table->binary('sound');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        DB::statement('alter table recordings modify sound mediumblob not null');
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->foreignId('recording_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('arrived_at', 3)->nullable()->comment('where it waited for a network: when it came in');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            foreach (self::OF_JOB as $name => $what) {
                $table->json($name)->nullable()->comment($what);
            }
        });
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(array_keys(self::OF_JOB)));
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('recording_id');
            $table->dropColumn('arrived_at');
        });
        Schema::dropIfExists('recordings');
    }
};
