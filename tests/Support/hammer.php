<?php

declare(strict_types=1);

// Renames one line of a board again and again over HTTP, and says “ok” for each answer that acknowledged the edit.
[, $port, $board, $line, $file, $label] = $argv;
$database = new SQLite3($file, SQLITE3_OPEN_READONLY);
$database->busyTimeout(5000);
for ($number = 1; $number <= 400; ++$number) {
    $body = http_build_query([
        'base' => $database->querySingle("SELECT head_id FROM board WHERE id = '$board'"),
        'view' => 'settings',
        'edit' => 'rename-line',
        'line' => $line,
        'name' => "Line $label $number",
    ]);
    $context = stream_context_create(['http' => [
        'method' => 'POST',
        'header' => 'Content-Type: application/x-www-form-urlencoded',
        'content' => $body,
        'follow_location' => 0,
        'ignore_errors' => true,
        'timeout' => 20,
    ]]);
    $answer = @file_get_contents("http://127.0.0.1:$port/boards/$board/edits", false, $context);
    if (false === $answer) {
        exit(0);
    }
    if (str_contains($http_response_header[0] ?? '', ' 303 ')) {
        echo "ok\n";
    }
}
