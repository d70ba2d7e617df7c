<?php

declare(strict_types=1);

// Renames one line of a board again and again over HTTP, and notes it in the log; says “ok” for each answer that acknowledged the edit,
// and “noted” for each that acknowledged the note.
[, $port, $board, $line, $file, $label] = $argv;
$database = new SQLite3($file, SQLITE3_OPEN_READONLY);
$database->busyTimeout(5000);
for ($number = 1; $number <= 400; ++$number) {
    $edit = http_build_query([
        'base' => $database->querySingle("SELECT head_id FROM board WHERE id = '$board'"),
        'view' => 'settings',
        'edit' => 'rename-line',
        'line' => $line,
        'name' => "Line $label $number",
    ]);
    $note = http_build_query(['what' => 'note', 'text' => "Note $label $number"]);
    foreach (['edits' => [$edit, 'ok'], 'log/enter' => [$note, 'noted']] as $address => [$body, $says]) {
        $context = stream_context_create(['http' => [
            'method' => 'POST',
            'header' => 'Content-Type: application/x-www-form-urlencoded',
            'content' => $body,
            'follow_location' => 0,
            'ignore_errors' => true,
            'timeout' => 20,
        ]]);
        $answer = @file_get_contents("http://127.0.0.1:$port/boards/$board/$address", false, $context);
        if (false === $answer) {
            exit(0);
        }
        if (str_contains($http_response_header[0] ?? '', ' 303 ')) {
            echo $says . "\n";
        }
    }
}
