<?php

// The second half of bin/timings: pages and edits as a server answers them, and as a browser paints them. A server of its own on a database
// of its own, in prod mode, as bin/demo runs it; it says of each answer what CPU time the request took.

declare(strict_types=1);

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Tests\Support\TestBoards;

const PORT = 8071;

$root = dirname(__DIR__);
$database = $root . '/var/timings.db';
array_map(static fn(mixed $file): bool => unlink((string) $file), (array) glob($database . '*'));
$environment = ['APP_ENV' => 'prod', 'DATABASE_URL' => 'sqlite:///' . $database, 'PATH' => (string) getenv('PATH'),
    'PHP_CLI_SERVER_WORKERS' => '2'];
foreach (['doctrine:migrations:migrate -n -q', 'latch:seed'] as $command) {
    $process = proc_open('php bin/console ' . $command, [1 => ['file', '/dev/null', 'w']], $pipes, $root, $environment);
    if (is_resource($process)) {
        proc_close($process);
    }
}
// Its router, with a clock before it.
$clock = (string) tempnam(sys_get_temp_dir(), 'clock');
file_put_contents($clock, strtr(<<<'PHP'
    <?php
    $used = static fn(): float => array_sum(array_map(
        static fn(string $of): float => getrusage()["ru_$of.tv_sec"] * 1e3 + getrusage()["ru_$of.tv_usec"] / 1e3,
        ['utime', 'stime'],
    ));
    $began = $used();
    header_register_callback(static fn() => header('Server-Timing: cpu;dur=' . round($used() - $began, 3)));
    return require ROUTER;
    PHP, ['ROUTER' => var_export($root . '/bin/router.php', true)]));
$server = proc_open(['php', '-d', 'opcache.validate_timestamps=0', '-S', '127.0.0.1:' . PORT, '-t', 'public', $clock],
    [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $root, $environment);
register_shutdown_function(static function () use ($server, $clock, $database): void {
    if (is_resource($server)) {
        proc_terminate($server);
    }
    array_map(static fn(mixed $file): bool => unlink((string) $file), [$clock, ...(array) glob($database . '*')]);
});
$base = 'http://127.0.0.1:' . PORT;
for ($tries = 0; $tries < 100 && false === @file_get_contents($base . '/rule-book'); ++$tries) {
    usleep(50000);
}
$curl = curl_init();
$spent = 0.0;
$request = static function (string $path, ?array $fields = null) use ($curl, $base, &$spent): string {
    curl_setopt_array($curl, [
        CURLOPT_URL => $base . $path,
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_HTTPGET => null === $fields,
        CURLOPT_HTTPHEADER => null === $fields ? [] : ['HX-Request: true'],
        CURLOPT_HEADERFUNCTION => static function (mixed $handle, string $line) use (&$spent): int {
            $spent += 1 === preg_match('/^server-timing: cpu;dur=([\d.]+)/i', $line, $found) ? (float) $found[1] : 0.0;

            return strlen($line);
        },
    ]);
    if (null !== $fields) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($fields));
    }

    return (string) curl_exec($curl);
};
/** Median of the CPU time that the server spends on what is asked, in milliseconds. */
$cpu = static function (int $times, Closure $ask) use (&$spent): float {
    $taken = [];
    for ($time = 0; $time < $times; ++$time) {
        $spent = 0.0;
        $ask();
        $taken[] = $spent;
    }
    sort($taken);

    return $taken[intdiv($times, 2)];
};
$shelf = new SQLite3($database);
$one = static function (string $query) use ($shelf): string {
    $value = $shelf->querySingle($query);

    return is_scalar($value) ? (string) $value : '';
};
// From click to paint, in a browser, on the boards of the shelf and those below.
$painted = static function () use ($base, $root): void {
    $process = proc_open(['node', 'bin/painted.mjs', $base], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $root);
    while (is_resource($process) && false !== ($line = fgets($pipes[1]))) {
        $one = json_decode($line, true);
        if (is_array($one) && is_string($one['name'] ?? null) && is_numeric($one['milliseconds'] ?? null)) {
            row('painted: ' . $one['name'], (float) $one['milliseconds'], match (true) {
                str_starts_with($one['name'], 'First try') => '150 ms',
                1 === preg_match('/^(16 lines|12 that|Util)/', $one['name']) => '120 ms',
                default => '',
            });
        }
    }
    if (is_resource($process)) {
        proc_close($process);
    }
};
// Boards that nobody would draw by hand: many lines, and more than their controller has pins for.
$lamps = static fn(string $carrier, string $chip, int $count): Board => array_reduce(
    range(1, $count),
    static fn(Board $board, int $line): Board => (new AddLine('Lamp ' . $line, TestBoards::part('led-lamp', Appliance::class)))
        ->apply($board),
    TestBoards::bare($carrier, $chip),
);
$open = static function (Board $board) use ($curl, $base, $one): string {
    $file = (string) tempnam(sys_get_temp_dir(), 'board');
    file_put_contents($file, BoardJson::write($board));
    curl_setopt_array($curl, [CURLOPT_URL => $base . '/boards/open', CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => [],
        CURLOPT_POSTFIELDS => ['file' => new CURLFile($file, 'application/json', 'board.json')]]);
    curl_exec($curl);
    unlink($file);

    return $one("SELECT id FROM board WHERE name = '{$board->name}'");
};
$views = static function (string $name, string $id, string $aim) use ($cpu, $request): array {
    $taken = [];
    $plain = ['lines', 'pins', 'drive', 'power', 'mains', 'controls', 'facts', 'hand-over', 'log', 'compare'];
    foreach ([...$plain, 'pins?open=F1', 'bench'] as $view) {
        $taken[$view] = $cpu(9, static fn() => $request("/boards/$id/$view"));
        // A bench runs the whole board before it is drawn.
        row(sprintf('%s of “%s”', ucfirst($view), $name), $taken[$view], 'bench' === $view && '' !== $aim ? '100 ms' : $aim);
    }
    $act = 0;
    row('  an act on its bench, and until it is quiet', $cpu(9, static function () use ($request, $id, &$act): void {
        $answer = $request("/boards/$id/bench/live", ['do' => 'command|L1|' . (0 === ++$act % 2 ? 'off' : 'on'), 'time' => 'runs']);
        if (!str_contains($answer, 'data-now')) {
            exit("The act was not done.\n");
        }
    }), '100 ms');
    row(sprintf('  its comparison, once it is asked for'), $cpu(3, static fn() => $request("/boards/$id/pins/comparison")), '');

    return $taken;
};
$edited = static function (string $name, string $id, string $aim) use ($cpu, $request, $one): float {
    $number = 0;
    $took = $cpu(15, static function () use ($request, $one, $id, &$number): void {
        $head = $one("SELECT head_id FROM board WHERE id = '$id'");
        $answer = $request("/boards/$id/edits", ['base' => $head, 'view' => 'lines', 'open' => 'L1.name', 'edit' => 'rename-line',
            'line' => 'L1', 'name' => 'Line of edit ' . ++$number]);
        if (!str_contains($answer, 'Line of edit ' . $number)) {
            exit("The edit was not made.\n");
        }
    });
    row(sprintf('an edit of “%s”, to the returned fragment', $name), $took, $aim);

    return $took;
};
echo "| CPU time of the server | | |\n";
row('a page that is not there: the framework alone', $cpu(40, static fn() => $request('/nothing')), '');
row('the shelf with four demo boards', $cpu(40, static fn() => $request('/')), '');
foreach (['Utility room board' => ['25 ms', '40 ms'], 'First try' => ['35 ms', '40 ms']] as $name => [$aim, $aimOfEdit]) {
    $id = $one("SELECT id FROM board WHERE name = '$name'");
    $views($name, $id, $aim);
    if ('First try' === $name) {
        row('  what can be done about one finding, tried',
            $cpu(20, static fn() => $request("/boards/$id/offers?finding=pins.boot-twitch:A3&view=lines")), '100 ms');
        row('  the same for eight findings of one rule',
            $cpu(10, static fn() => $request("/boards/$id/offers?finding=mains.relay-insulation:A1&view=lines")), '300 ms');
    }
    $edited($name, $id, $aimOfEdit);
}
foreach ([
    '16 lines' => [TestBoards::withLines(16), '25 ms', '40 ms'],
    '12 that do not fit' => [$lamps('esp8266-carrier-30', 'esp8266', 12), '25 ms', '40 ms'],
    '64 that do not fit' => [$lamps('esp8266-carrier-30', 'esp8266', 64), '150 ms', '200 ms'],
] as $name => [$large, $aim, $aimOfEdit]) {
    $id = $open($large->with(name: $name));
    row(sprintf('Lines of “%s”, for the first time', $name), $cpu(1, static fn() => $request("/boards/$id/lines")), '');
    $views($name, $id, $aim);
    $edited($name, $id, $aimOfEdit);
}
// How the time grows with the lines: the exponent between 32 and 128 of them.
$grown = [];
foreach ([32, 64, 128] as $count) {
    $id = $open($lamps('esp32-carrier-38', 'esp32', $count)->with(name: "$count lines"));
    $grown[$count] = [...$views("$count lines", $id, ''), 'an edit' => $edited("$count lines", $id, '')];
}
foreach ($grown[32] as $what => $few) {
    $exponent = log($grown[128][$what] / $few, 4);
    printf("| %-52s | %11s | %-8s |\n", "from 32 to 128 lines: $what", sprintf('n^%.1f', $exponent),
        'n^1.3' . ($exponent > 1.35 ? ' missed' : ''));
}
// A board of 16 lines with a long past. A few hundred edits are made as a maker makes them; the rest are copies of their rows.
const LONG_PAST = 10_000;
const MADE_EDITS = 200;
$id = $open(TestBoards::withLines(16)->with(name: 'Long past'));
$settled = static function () use ($database): int {
    $again = new SQLite3($database);
    $again->busyTimeout(2000);
    $again->exec('PRAGMA wal_checkpoint(TRUNCATE)');
    clearstatcache();

    return (int) filesize($database);
};
$before = $settled();
for ($number = 1; $number <= MADE_EDITS; ++$number) {
    $head = $one("SELECT head_id FROM board WHERE id = '$id'");
    $request("/boards/$id/edits",
        ['base' => $head, 'view' => 'lines', 'open' => '', 'edit' => 'rename-line',
            'line' => 'L' . (1 + $number % 16), 'name' => 'Line of edit ' . $number]);
}
printf("| %-52s | %8.2f kB | %-8s |\n", 'an edit of a board of 16 lines, in the store', ($settled() - $before) / MADE_EDITS / 1000,
    '2.5 kB');
$shelf->exec("WITH RECURSIVE n(i) AS (SELECT " . (MADE_EDITS + 2) . " UNION ALL SELECT i + 1 FROM n WHERE i < " . LONG_PAST . ")
    INSERT INTO revision (id, board_id, base_id, number, content, edit_content, summary, made_at)
    SELECT printf('%08x-0000-7000-8000-%012x', i, i), board_id, CASE i WHEN " . (MADE_EDITS + 2)
        . " THEN id ELSE printf('%08x-0000-7000-8000-%012x', i - 1, i - 1) END, i, content, edit_content, summary, made_at
    FROM n, (SELECT * FROM revision WHERE board_id = '$id' ORDER BY number DESC LIMIT 1)");
$shelf->exec(sprintf("UPDATE board SET head_id = '%1\$08x-0000-7000-8000-%1\$012x', tip_id = head_id WHERE id = '$id'", LONG_PAST));
$shelf->exec("UPDATE board SET tip_id = head_id WHERE id = '$id'");
$first = $one("SELECT id FROM revision WHERE board_id = '$id' AND number = 1");
row('  the newest page of its 10 000 revisions', $cpu(10, static fn() => $request("/boards/$id/revisions")), '150 ms');
row('  the oldest page', $cpu(10, static fn() => $request("/boards/$id/revisions?page=100")), '150 ms');
row('  undo and redo at the newest', $cpu(10, static function () use ($request, $id): void {
    $request("/boards/$id/undo", ['view' => 'lines']);
    $request("/boards/$id/redo", ['view' => 'lines']);
}) / 2, '150 ms');
row('  back to the first', $cpu(10, static fn() => $request("/boards/$id/goto", ['view' => 'lines', 'revision' => $first])), '150 ms');
row('  one redo from there', $cpu(10, static fn() => $request("/boards/$id/redo", ['view' => 'lines'])), '150 ms');
$painted();
// The shelf with a hundred boards.
$file = (string) file_get_contents($root . '/demo/utility-room.json');
for ($board = 1; $board <= 96; ++$board) {
    $open(BoardJson::read($file)->with(name: "Board $board"));
}
row('the shelf with a hundred boards', $cpu(15, static fn() => $request('/')), '120 ms');
