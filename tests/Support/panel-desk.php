<?php

declare(strict_types=1);

// Builds the sketch of the Utility room board, which serves a panel, for the journeys, and says where it is and which pins are which.

use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\DeskBuild;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$board = BenchDesk::demo('utility-room');
$pins = (new Inspection($board))->seating->pins;
$lamp = $board->lines['L5'];
echo json_encode([
    'desk' => DeskBuild::desk($board),
    'relay' => PinNumbers::ofProgram($pins[array_values($lamp->actuators)[0]->function]),
    'button' => PinNumbers::ofProgram($pins[array_values($lamp->surfaces)[0]->function]),
], JSON_THROW_ON_ERROR);
