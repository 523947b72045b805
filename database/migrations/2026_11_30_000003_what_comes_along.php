<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What crosses a cut of the plan, kept when the plan is saved so that a list needs to compute nothing, and what of it was seen to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->json('plan_along')->nullable()->comment('crossing and ticked: names of lines'));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('plan_along'));
    }
};
