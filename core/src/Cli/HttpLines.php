<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

/** Sends and receives JSON lines over HTTP. */
final readonly class HttpLines
{
    private const TIMEOUT_SECONDS = 20;

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return array{int, list<array<string, mixed>>} status (0 if nobody answered) and the lines of the answer
     */
    public function send(string $method, string $url, string $token, array $lines): array
    {
        $body = implode('', array_map(fn (array $line): string => json_encode($line, JSON_THROW_ON_ERROR)."\n", $lines));
        $context = stream_context_create(['http' => [
            'method' => $method,
            'header' => "Authorization: Bearer $token\r\nAccept: application/x-ndjson\r\nContent-Type: application/x-ndjson\r\n",
            'content' => $body,
            'ignore_errors' => true,
            'timeout' => self::TIMEOUT_SECONDS,
        ]]);
        $answer = @file_get_contents($url, false, $context);
        if ($answer === false) {
            return [0, []];
        }
        preg_match('#^HTTP/\S+ (\d+)#', $http_response_header[0] ?? '', $status);

        return [(int) ($status[1] ?? 0), $this->lines($answer)];
    }

    /** @return list<array<string, mixed>> */
    private function lines(string $answer): array
    {
        $lines = [];
        foreach (explode("\n", $answer) as $line) {
            $decoded = trim($line) === '' ? null : json_decode($line, true);
            if (is_array($decoded)) {
                /** @var array<string, mixed> $decoded */
                $lines[] = $decoded;
            }
        }

        return $lines;
    }
}
