<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What an operation holds is declared by its class, and what a shop sets by the class that uses it: neither has columns of its own. */
return new class extends Migration
{
    private const LIMITS = ['greatestJointAngle' => 'maxJointAngle', 'leastJointAngle' => 'minJointAngle', 'greatestDifference' => 'maxDifference', 'greatestResidual' => 'maxResidual', 'greatestSpeedShare' => 'maxSpeedShare'];

    public function up(): void
    {
        Schema::create('shop_values', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained();
            $table->string('name', 60)->collation('utf8mb4_bin');
            $table->double('value')->comment('mm, degrees or as its class declares');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('changed_at')->useCurrent();
            $table->unique(['workshop_id', 'name']);
        });
        foreach (DB::table('workshops')->get() as $shop) {
            $kept = json_decode(is_string($shop->driveline_limits) ? $shop->driveline_limits : '[]', true);
            $limits = is_array($kept) ? $kept : [];
            $values = ['tramReach' => $shop->tram_reach_mm, 'buildScatter' => $shop->build_scatter_mm];
            foreach (self::LIMITS as $old => $new) {
                if (isset($limits[$old])) {
                    $values[$new] = $limits[$old];
                }
            }
            foreach ($values as $name => $value) {
                DB::table('shop_values')->insert(['workshop_id' => $shop->id, 'name' => $name, 'value' => $value]);
            }
        }
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn(['tram_reach_mm', 'build_scatter_mm', 'driveline_limits']));

        Schema::table('plan_operations', fn (Blueprint $table) => $table->json('parameters')->nullable()->comment('by the fields of its kind; lengths in mm'));
        DB::statement("update plan_operations set parameters = json_object('at', at_mm, 'length', length_mm, 'kerf', kerf_mm, 'witness', witness_mm, 'level', json_extract(if(is_level, 'true', 'false'), '$'))");
        Schema::table('plan_operations', fn (Blueprint $table) => $table->dropColumn(['at_mm', 'length_mm', 'kerf_mm', 'witness_mm', 'is_level']));
    }

    public function down(): void
    {
        Schema::table('plan_operations', function (Blueprint $table): void {
            foreach (['at_mm', 'length_mm', 'kerf_mm', 'witness_mm'] as $column) {
                $table->decimal($column, 12, 4)->default(0);
            }
            $table->boolean('is_level')->default(false);
        });
        // Kinds that this version did not know hold no place there.
        DB::table('plan_operations')->where(fn (Builder $query) => $query->whereNotIn('kind', ['stretch', 'shorten']))->delete();
        DB::statement("update plan_operations set at_mm = json_value(parameters, '$.at'), length_mm = json_value(parameters, '$.length'), kerf_mm = json_value(parameters, '$.kerf'), witness_mm = json_value(parameters, '$.witness'), is_level = json_extract(parameters, '$.level') = true");
        Schema::table('plan_operations', fn (Blueprint $table) => $table->dropColumn('parameters'));

        Schema::table('workshops', function (Blueprint $table): void {
            $table->decimal('tram_reach_mm', 10, 3)->default(2500);
            $table->json('driveline_limits')->nullable();
            $table->decimal('build_scatter_mm', 8, 4)->default(1);
        });
        foreach (DB::table('workshops')->pluck('id') as $shop) {
            $values = DB::table('shop_values')->where('workshop_id', $shop)->pluck('value', 'name')->all();
            $limits = [];
            foreach (self::LIMITS as $old => $new) {
                if (is_numeric($values[$new] ?? null)) {
                    $limits[$old] = (float) $values[$new];
                }
            }
            DB::table('workshops')->where('id', $shop)->update(['tram_reach_mm' => $values['tramReach'] ?? 2500, 'build_scatter_mm' => $values['buildScatter'] ?? 1, 'driveline_limits' => $limits === [] ? null : json_encode($limits)]);
        }
        Schema::drop('shop_values');
    }
};
