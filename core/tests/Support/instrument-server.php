<?php

declare(strict_types=1);

// Answers as docs/instrument.md says, from files in the folder STATE: frame.json is the frame, wanted.jsonl what is asked for,
// status (if there) what is answered instead. What was sent is kept in sent.jsonl.
$state = (string) getenv('STATE');
header('Content-Type: application/x-ndjson');
if (is_file("$state/status")) {
    http_response_code((int) file_get_contents("$state/status"));

    return;
}
if (($_SERVER['HTTP_AUTHORIZATION'] ?? '') !== 'Bearer good') {
    http_response_code(401);

    return;
}
switch ($_SERVER['REQUEST_METHOD'].' '.$_SERVER['REQUEST_URI']) {
    case 'GET /instrument/frame':
        echo file_get_contents("$state/frame.json")."\n";
        break;
    case 'GET /instrument/wanted':
        $wanted = is_file("$state/wanted.jsonl") ? (string) file_get_contents("$state/wanted.jsonl") : '';
        @unlink("$state/wanted.jsonl");
        http_response_code($wanted === '' ? 204 : 200);
        echo $wanted;
        break;
    case 'POST /instrument/readings':
        $body = (string) file_get_contents('php://input');
        file_put_contents("$state/sent.jsonl", $body, FILE_APPEND);
        foreach (array_filter(explode("\n", $body)) as $line) {
            echo json_encode(['id' => json_decode($line, true)['id'] ?? null, 'stored' => true])."\n";
        }
        break;
    default:
        http_response_code(404);
}
