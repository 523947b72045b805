<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\CannotArchive;
use App\Archive\ShopArchive;
use App\Models\Workshop;
use Illuminate\Console\Command;

/** Writes everything that a shop has into one file. */
final class ExportShop extends Command
{
    protected $signature = 'geodex:export-shop {workshop : its name} {file : such as shop.zip}';

    protected $description = 'Write everything that a shop has into one archive';

    public function handle(ShopArchive $archive): int
    {
        $shop = Workshop::query()->where('name', $this->argument('workshop'))->first();
        if ($shop === null) {
            $this->error('There is no workshop of that name.');

            return self::INVALID;
        }
        try {
            $told = $archive->write($shop, (string) $this->argument('file'));
        } catch (CannotArchive $failure) {
            $this->error($failure->getMessage());

            return self::FAILURE;
        }
        $this->line("{$told['jobs']} jobs and {$told['people']} people of {$shop->name} are in {$this->argument('file')}.");

        return self::SUCCESS;
    }
}
