<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The points of a reading in a table of their own: an angle has three. */
return new class extends Migration
{
    private const PLACES = ['from_point_id', 'to_point_id'];

    public function up(): void
    {
        Schema::create('reading_points', function (Blueprint $table): void {
            $table->foreignId('reading_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('place')->comment('in the order of the call');
            $table->foreignId('point_id')->constrained();
            $table->primary(['reading_id', 'place']);
        });
        foreach (self::PLACES as $place => $column) {
            DB::table('reading_points')->insertUsing(['reading_id', 'place', 'point_id'], DB::table('readings')->whereNotNull($column)->select(['id', DB::raw((string) $place), $column]));
        }
        Schema::table('readings', function (Blueprint $table): void {
            foreach (self::PLACES as $column) {
                $table->dropConstrainedForeignId($column);
            }
        });
    }

    public function down(): void
    {
        Schema::table('readings', function (Blueprint $table): void {
            foreach (self::PLACES as $column) {
                $table->foreignId($column)->nullable()->constrained('points');
            }
        });
        foreach (self::PLACES as $place => $column) {
            DB::statement("update readings r join reading_points p on p.reading_id = r.id and p.place = $place set r.$column = p.point_id");
        }
        Schema::drop('reading_points');
    }
};
