<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rounds of readings across the gap, while the halves of a cut frame are apart. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->json('plan_spread')->nullable()->comment('rounds in order: cut, readings in mm, by, at'));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('plan_spread'));
    }
};
