<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Process;

/** A database beside that of the tests, since what a test changes is never written there. */
beforeEach(function () {
    $this->name = 'geodex_test_'.getmypid();
    $this->pdo = new PDO(sprintf('mysql:host=%s;port=%s', config('database.connections.mariadb.write.host.0'), config('database.connections.mariadb.port')), config('database.connections.mariadb.username'), config('database.connections.mariadb.password'));
    foreach (['', '_trial'] as $end) {
        $this->pdo->exec("drop database if exists `{$this->name}$end`");
    }
    $this->pdo->exec("create database `{$this->name}` character set utf8mb4 collate utf8mb4_unicode_ci");
    $this->dir = sys_get_temp_dir().'/geodex-backup-'.getmypid();
    @mkdir($this->dir);
    $this->run = fn (string ...$command) => Process::path(base_path())->timeout(120)->env(['DB_HOST' => config('database.connections.mariadb.write.host.0'), 'DB_PORT' => (string) config('database.connections.mariadb.port'), 'DB_USERNAME' => config('database.connections.mariadb.username'), 'DB_PASSWORD' => (string) config('database.connections.mariadb.password'), 'DB_DATABASE' => $this->name, 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing', 'APP_CONFIG_CACHE' => 'bootstrap/cache/none-config.php', 'APP_ROUTES_CACHE' => 'bootstrap/cache/none-routes.php'])->run($command);
    $this->load = fn () => $this->pdo->exec("use `{$this->name}`; ".gzdecode((string) file_get_contents(__DIR__.'/../fixtures/demo-0.9.0.sql.gz')));
    /** @return array<string, string> what each table holds */
    $this->sums = function (string $database): array {
        $tables = $this->pdo->query("select table_name from information_schema.tables where table_schema = '$database' order by table_name")->fetchAll(PDO::FETCH_COLUMN);

        return array_combine($tables, array_map(fn (string $table): string => (string) $this->pdo->query("checksum table `$database`.`$table`")->fetch(PDO::FETCH_NUM)[1], $tables));
    };
});

afterEach(function () {
    foreach (['', '_trial'] as $end) {
        $this->pdo->exec("drop database if exists `{$this->name}$end`");
    }
    array_map(unlink(...), glob("{$this->dir}/*") ?: []);
    rmdir($this->dir);
});

it('is saved and tried beside the live one, equal table by table', function () {
    ($this->load)();
    ($this->run)('php', 'artisan', 'migrate', '--force')->throw();
    $file = "{$this->dir}/all.sql.gz";
    expect(($this->run)('bin/backup', $file)->throw()->output())->toContain('tables')
        ->and(substr(sprintf('%o', fileperms($file)), -3))->toBe('600');
    expect(($this->run)('bin/restore', $file)->throw()->output())->toContain('The live one was not touched');
    $live = ($this->sums)($this->name);
    expect(($this->sums)("{$this->name}_trial"))->toBe($live)
        ->and(count($live))->toBeGreaterThan(20);

    $this->pdo->exec("delete from `{$this->name}`.`strikes`; create table `{$this->name}`.`since` (a int)");
    expect(($this->run)('bin/restore', $file, '--live')->failed())->toBeTrue();
    ($this->run)('bin/restore', $file, '--live', '--yes')->throw();
    expect(($this->sums)($this->name))->toBe($live);
    expect(($this->run)('bin/backup', $file)->failed())->toBeTrue();
});

it('is refused when it is broken, and nothing is touched', function (Closure $spoil) {
    ($this->load)();
    $file = "{$this->dir}/all.sql.gz";
    ($this->run)('bin/backup', $file)->throw();
    $live = ($this->sums)($this->name);
    $spoil($file);
    $refused = ($this->run)('bin/restore', $file, '--live', '--yes');
    expect($refused->failed())->toBeTrue()
        ->and($refused->errorOutput())->toContain('Nothing was changed')
        ->and(($this->sums)($this->name))->toBe($live);
})->with([
    'of 20 bytes' => fn (string $file) => file_put_contents($file, gzencode('')),
    'broken off' => fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 9000)),
    'broken off and packed whole' => fn (string $file) => file_put_contents($file, gzencode(substr((string) gzdecode((string) file_get_contents($file)), 0, 40_000))),
    'something else' => fn (string $file) => file_put_contents($file, gzencode("drop table jobs;\n-- Dump completed\n")),
]);

it('says why it could not be saved, and leaves no file', function () {
    $this->pdo->exec("drop database `{$this->name}`");
    $failed = ($this->run)('bin/backup', "{$this->dir}/all.sql.gz");
    expect($failed->failed())->toBeTrue()
        ->and($failed->errorOutput())->toContain('nothing was kept')
        ->and(glob("{$this->dir}/*"))->toBe([]);
});

it('brings the demo of the version before up to this one and back again, with all that it held', function () {
    ($this->load)();
    $before = ($this->sums)($this->name);
    ($this->run)('php', 'artisan', 'migrate', '--force')->throw();
    $this->pdo->exec("use `{$this->name}`");
    expect($this->pdo->query('select count(*) from readings')->fetchColumn())->toBe(437)
        ->and($this->pdo->query("select email from users where email like 'owner%'")->fetchColumn())->toBe('owner@slate-yard.example');
    $new = count(glob(database_path('migrations/*.php')) ?: []) - count(array_filter(glob(database_path('migrations/*.php')) ?: [], fn (string $file): bool => basename($file) <= '2026_12_02_000001_worksheets.php'));
    ($this->run)('php', 'artisan', 'migrate:rollback', '--force', "--step=$new")->throw();
    $after = ($this->sums)($this->name);
    unset($before['migrations'], $after['migrations']);
    expect(array_keys($after))->toBe(array_keys($before));
    foreach (['jobs', 'readings', 'reading_points', 'points', 'strikes', 'surveys', 'plan_operations', 'worksheets', 'workshops'] as $table) {
        expect($after[$table])->toBe($before[$table], $table);
    }
});
