<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rounds of readings across the gap, while the halves of a cut frame are apart; and the survey that a plan starts from, where it is not the chart; and surveys that are held against the target. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('plan_spread')->nullable()->comment('rounds in order: cut, readings in mm, by, at');
            $table->string('plan_from', 40)->nullable()->comment('code of the survey that the plan starts from; none: the chart');
        });
        Schema::table('surveys', fn (Blueprint $table) => $table->boolean('to_target')->default(false)->comment('held against the plan\'s target, not the chart'));
    }

    public function down(): void
    {
        Schema::table('surveys', fn (Blueprint $table) => $table->dropColumn('to_target'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['plan_spread', 'plan_from']));
    }
};
