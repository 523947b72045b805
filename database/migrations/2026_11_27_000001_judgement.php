<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What people decide of base points, and how unsure measured references are together. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('datum_decisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('survey_id')->constrained()->cascadeOnDelete();
            $table->foreignId('point_id')->constrained();
            $table->enum('choice', ['in', 'out', 'tested'])->comment('kept in the datum, kept out of it, or left to the test again');
            $table->string('reason', 500);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('reference_covariance')->nullable()->comment('points and lower half in mm², of the reference in force');
        });
        Schema::table('reference_sources', function (Blueprint $table): void {
            $table->json('covariance')->nullable()->comment('points and lower half in mm²');
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->decimal('build_scatter_mm', 8, 4)->default(1)->comment('what a base point of a sound frame stands off its chart');
            $table->boolean('hides_expected')->default(false)->comment('whether the expected value is hidden until Enter');
        });
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn(['build_scatter_mm', 'hides_expected']));
        Schema::table('reference_sources', fn (Blueprint $table) => $table->dropColumn('covariance'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('reference_covariance'));
        Schema::dropIfExists('datum_decisions');
    }
};
