<?php

declare(strict_types=1);

// A layout of the Utility room board as it comes back, for the journeys: sound, exchanged, renamed, near, placed or turned.

use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\LayoutDesk;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$desk = new LayoutDesk(BenchDesk::demo('utility-room'), new Randomizer(new Mt19937(7)));
$how = $argv[1] ?? 'sound';
if ('exchanged' === $how) {
    [$one, $other] = [$desk->pads['U01'][30], $desk->pads['U01'][31]];
    [$one->net, $other->net] = [$other->net, $one->net];
}
if ('near' === $how) {
    $pad = $desk->pads['F01'][0];
    $desk->vias[] = ['GND', $pad->x + 4e-3, $pad->y];
}
if ('renamed' === $how) {
    $desk->pads['RLY6'] = $desk->pads['K61'];
    $desk->quarters['RLY6'] = $desk->quarters['K61'];
    unset($desk->pads['K61']);
}
echo match ($how) {
    'placed' => $desk->placement(),
    'turned' => $desk->placement(['D31' => 2]),
    default => $desk->ipc(),
};
