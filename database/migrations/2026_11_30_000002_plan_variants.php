<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which variant of the plan is in force, and the operations of the others as a document has them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->char('plan_variant', 1)->default('A');
            $table->json('plan_others')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['plan_variant', 'plan_others']));
    }
};
