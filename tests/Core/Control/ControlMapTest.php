<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Outages;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class ControlMapTest extends TestCase
{
    public function testOneNameBecomesALegalNameOnEverySurface(): void
    {
        $map = ControlMap::of(TestBoards::operatedInManyWays());
        $said = static fn(string $line, string $column): array => array_map(
            static fn(Entry $entry): array => [$entry->address, $entry->on, $entry->off, $entry->state],
            $map->at($line, $column),
        );
        self::assertSame([['L1', 'L1+', 'L1-', 'L1?']], $said('L1', 'C1'));
        self::assertSame([['home/utility/groesse-and-pump/set', 'ON', 'OFF', 'home/utility/groesse-and-pump/state']], $said('L4', 'C2'));
        self::assertSame(
            [['Größe Pump', 'turn on Größe Pump', 'turn off Größe Pump', '']],
            $said('L4', 'C4'),
            'A voice says letters as they are.',
        );
        self::assertSame([['51', '1', '0', '']], $said('L1', 'C3'), 'Beyond every number that a carrier prints.');
        self::assertSame(
            [['54', '1', '0', '']],
            $said('L4', 'C3'),
            'The relay of L4 is active low, and a number that is none of a pin means on and off all the same.',
        );
        self::assertSame(['L1' => 'LAMP', 'L2' => 'AIRER', 'L3' => 'EXTRACTOR_FAN', 'L4' => 'GROESSE_AND_PUMP'], $map->identifiers);
        self::assertSame(['hand', 'F12', 'C1', 'C2', 'C3', 'C4', 'own'], array_keys($map->columns));
        self::assertSame(
            ['G1', 'home/utility/everything/set', 'Everything line', 'home/utility/bath/set'],
            array_map(static fn($group): string => $group->address, $map->groups),
            'Words that the assistant keeps for itself are not used.',
        );
        self::assertSame('', $map->groups[0]->on, 'This group only switches off.');
        self::assertSame([4, 6], [$map->held('C4'), $map->held('C2')]);
    }

    public function testAStepLineIsSetByPercentAndSaysItsTable(): void
    {
        $board = TestBoards::operatedInManyWays();
        $map = ControlMap::of($board);
        self::assertSame(
            [Operation::Percent, Operation::Percent, Operation::Percent],
            array_map(static fn(string $column): Operation => $map->at('L3', $column)[0]->operation, ['C1', 'C2', 'C4']),
        );
        self::assertSame(
            ['L3=40', 'set Extractor fan to 40 percent'],
            [$map->at('L3', 'C1')[0]->setting(40), $map->at('L3', 'C4')[0]->setting(40)],
        );
        self::assertSame([0 => [0, 0], 1 => [1, 74], 2 => [75, 100]], $map->at('L3', 'C1')[0]->ranges);
        self::assertSame(Operation::Steps, $map->at('L3', 'hand')[0]->operation, 'A knob.');
        self::assertSame([], $map->at('L1', 'C1')[0]->ranges);
        $stated = ControlMap::of(TestBoards::edited($board, new SetThresholds('S3', [20, 60])));
        self::assertSame(
            [0 => [0, 19], 1 => [20, 59], 2 => [60, 100]],
            $stated->at('L3', 'C2')[0]->ranges,
            'One table for the line, wherever it was stated.',
        );
    }

    public function testInfraredKeysActAsTheyAreAssigned(): void
    {
        $map = ControlMap::of(TestBoards::operatedInManyWays());
        [$flip, $two] = [$map->entries['S5'], $map->entries['S6']];
        self::assertSame(
            [Operation::Toggle, '0x0BF430CF', '0x0BF430CF', Direction::Command],
            [$flip->operation, $flip->on, $flip->off, $flip->direction],
        );
        self::assertSame([Operation::Explicit, '0x0BF418E7', '0x0BF47A85'], [$two->operation, $two->on, $two->off]);
    }

    /** A new line renames none; what the maker has given stands, and nothing derived takes it. */
    public function testNamesAreUniqueAndStable(): void
    {
        $board = TestBoards::operatedInManyWays();
        $before = ControlMap::of($board)->entries;
        $twin = TestBoards::edited(
            $board,
            new AddLine('lamp', TestBoards::part('led-lamp', Appliance::class)),
            new PutOnChannel('C2', ['L5']),
            new PutOnChannel('C4', ['L5']),
        );
        $after = ControlMap::of($twin);
        self::assertEquals($before, array_intersect_key($after->entries, $before));
        self::assertSame(
            ['home/utility/lamp-2/set', 'home/utility/lamp-2/state'],
            [$after->at('L5', 'C2')[0]->address, $after->at('L5', 'C2')[0]->state],
        );
        self::assertSame('LAMP_L5', $after->identifiers['L5']);
        $awkward = TestBoards::edited(
            $board,
            new AddLine('Lamp L6', TestBoards::part('led-lamp', Appliance::class)),
            new AddLine('lamp', TestBoards::part('led-lamp', Appliance::class)),
        );
        self::assertSame(['LAMP_L6', 'LAMP_L6_L6'], array_values(array_slice(ControlMap::of($awkward)->identifiers, 4)));
        $own = ControlMap::of(TestBoards::edited($board, new TellSurface('S12', address: 'home/utility/lamp/set')));
        self::assertSame(['home/utility/lamp/set', true], [$own->entries['S12']->address, $own->entries['S12']->isOwn]);
        self::assertSame(['home/utility/lamp-2/set', false], [$own->entries['S11']->address, $own->entries['S11']->isOwn]);
        self::assertSame(
            'home/utility/reading-lamp/set',
            ControlMap::of(TestBoards::edited($board, new RenameLine('L1', 'Reading lamp')))->entries['S11']->address,
        );
    }

    public function testWhatStillWorksInEachOutage(): void
    {
        $outages = Outages::of(ControlMap::of(TestBoards::operatedInManyWays()));
        $left = [];
        foreach ($outages->all as $outage) {
            $left[$outage->words()] = implode(' ', $outages->left('L1', $outage));
        }
        self::assertSame([
            'the wireless network is gone' => 'hand F12 C1',
            'the internet is gone' => 'hand F12 C1 C2',
            'the radio link “Radio” is gone' => 'hand F12 C2 C3 C4',
            'the machine of “House broker” is off' => 'hand F12 C1 C3 C4',
            'the service “Pocket” is gone' => 'hand F12 C1 C2 C4',
            'the account of “Pocket” has expired or must be paid' => 'hand F12 C1 C2 C4',
            'the service “Voice” is gone' => 'hand F12 C1 C2 C3',
            'the account of “Voice” has expired or must be paid' => 'hand F12 C1 C2 C3',
        ], $left);
        self::assertSame(['own', 'C1'], $outages->left('L4', $outages->all[0]));
    }
}
