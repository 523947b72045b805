<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\ShopTaker;
use Geodex\Core\Failure\CoreFailure;
use Illuminate\Console\Command;

/** Takes the archive of a shop in. */
final class TakeShop extends Command
{
    protected $signature = 'geodex:take-shop {file : as geodex:export-shop wrote it}';

    protected $description = 'Take the archive of a shop in';

    public function handle(ShopTaker $taker): int
    {
        try {
            $shop = $taker->handle((string) $this->argument('file'));
        } catch (CoreFailure $failure) {
            $this->error('Nothing was taken in. '.$failure->getMessage());

            return self::FAILURE;
        }
        $this->line("{$shop->name} is here with {$shop->jobs()->count()} jobs. Its people choose a password by a link:  php artisan geodex:person ADDRESS --link");

        return self::SUCCESS;
    }
}
