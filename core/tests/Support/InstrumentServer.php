<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;

/** A real server on loopback that speaks to instruments, for as long as the object lives. */
final class InstrumentServer
{
    public readonly string $url;

    private readonly string $state;

    /** @var resource */
    private $process;

    /** @var resource */
    private $log;

    public function __construct(Frame $frame)
    {
        $this->state = sys_get_temp_dir().'/geodex-instrument-'.bin2hex(random_bytes(6));
        mkdir($this->state);
        $points = array_map(fn (Point $point): array => ['id' => $point->id, 'side' => $point->side->value, 'mate' => $point->mate, 'reference' => $point->reference?->toArray(), 'base' => $point->base], $frame->points);
        file_put_contents("$this->state/frame.json", (string) json_encode(['format' => 'geodex-job', 'version' => 1, 'title' => 'Hidden', 'units' => 'mm', 'points' => array_map(fn (array $point): array => array_filter($point, fn (mixed $part): bool => $part !== null), $points)]));
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $this->url = "http://$address";
        $this->process = proc_open([PHP_BINARY, '-S', $address, __DIR__.'/instrument-server.php'], [1 => ['file', '/dev/null', 'w'], 2 => ['pipe', 'w']], $pipes, null, ['STATE' => $this->state]);
        $this->log = $pipes[2];
        while (($line = fgets($this->log)) !== false && ! str_contains($line, 'started'));
    }

    public function __destruct()
    {
        proc_terminate($this->process);
        proc_close($this->process);
        array_map(unlink(...), glob("$this->state/*") ?: []);
        rmdir($this->state);
    }

    /** @param  list<array<string, mixed>>  $lines */
    public function wants(array $lines): void
    {
        file_put_contents("$this->state/wanted.jsonl", implode('', array_map(fn (array $line): string => json_encode($line)."\n", $lines)));
    }

    public function answersOnly(int $status): void
    {
        file_put_contents("$this->state/status", (string) $status);
    }

    /** @return list<array<string, mixed>> what instruments have sent */
    public function sent(): array
    {
        $lines = is_file("$this->state/sent.jsonl") ? array_filter(explode("\n", (string) file_get_contents("$this->state/sent.jsonl"))) : [];

        return array_values(array_map(fn (string $line): array => (array) json_decode($line, true), $lines));
    }
}
