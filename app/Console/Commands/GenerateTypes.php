<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Typing\TypeScriptWriter;
use Illuminate\Console\Command;

/** Writes the TypeScript types of props and routes, or says that they have drifted. */
final class GenerateTypes extends Command
{
    protected $signature = 'geodex:types {--check : only say whether the files are up to date}';

    protected $description = 'Write the TypeScript types of props and routes';

    public function handle(TypeScriptWriter $writer): int
    {
        $drifted = 0;
        foreach (['props.ts' => $writer->props(), 'routes.ts' => $writer->routes(), 'kinds.ts' => $writer->kinds(), 'provenance.ts' => $writer->provenance(), 'words.ts' => $writer->words()] as $file => $text) {
            $path = resource_path("js/types/$file");
            $same = is_file($path) && file_get_contents($path) === $text;
            if ($this->option('check') && ! $same) {
                $this->error("$file is not what the PHP classes say; run: php artisan geodex:types");
                $drifted++;
            } elseif (! $same) {
                file_put_contents($path, $text);
            }
        }

        return $drifted === 0 ? self::SUCCESS : self::FAILURE;
    }
}
