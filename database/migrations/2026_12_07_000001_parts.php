<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Parts of a job, what a shop has on its rack to make them of, and pictures that contours are taken from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('tool', 40);
            $table->string('title', 120);
            $table->json('given')->comment('as the calculator takes it, mm');
            $table->json('facts')->nullable()->comment('what asked for it said when it was taken, mm');
            $table->string('asked_by', 160)->nullable()->comment('key of what asks for it');
            $table->unsignedSmallInteger('count');
            $table->string('side', 8);
            $table->string('material', 80);
            $table->string('used', 120)->comment('where on the vehicle');
            $table->json('points')->nullable()->comment('of the survey, by path of the field whose place each is');
            $table->string('stock', 80)->comment('of the rack, by name');
            $table->string('state', 20);
            $table->json('first_article')->nullable()->comment('who tried it, when, and what was corrected');
            $table->foreignId('mirrors')->nullable()->constrained('parts')->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('stock_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('stock', 80);
            $table->decimal('length', 12, 4)->comment('mm');
            $table->decimal('width', 12, 4)->nullable()->comment('mm; null for a bar');
            $table->unsignedSmallInteger('count')->nullable()->comment('null: as many as are wanted');
            $table->boolean('is_remnant')->default(false);
            $table->timestamps();
        });
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        // Laravel has no column of this size that MariaDB would call by its name.
        Schema::getConnection()->statement('alter table pictures add column jpeg mediumblob not null');
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('nest')->nullable()->comment('where parts were laid by hand, by sheet');
        });
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn('nest');
        });
        Schema::dropIfExists('pictures');
        Schema::dropIfExists('stock_items');
        Schema::dropIfExists('parts');
    }
};
