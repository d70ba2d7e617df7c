<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Mains;

use IronLatch\Core\Board\TwoWay;
use IronLatch\Core\Mains\TwoWayTable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The table against the wiring itself: every contact as a wire between two nets, and what is joined to live found by walking them. */
final class TwoWayTableTest extends TestCase
{
    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([6])]
    public function testEveryStateIsWhatTheNetsSay(int $switches): void
    {
        $rows = TwoWayTable::of(new TwoWay($switches))->rows;
        self::assertCount(2 ** ($switches + 1), $rows);
        $seen = [];
        foreach ($rows as $row) {
            $seen[] = json_encode([$row['switches'], $row['relay']]);
            $joined = self::joinedToLive($row['switches'], $row['relay']);
            self::assertSame(isset($joined['lamp']), $row['lit']);
            $last = count($row['switches']);
            // Without the way back through the relay, exactly one traveller is live at the board, whatever stands how.
            $travellers = self::joinedToLive($row['switches'], null);
            self::assertSame([isset($travellers["a$last"]), isset($travellers["b$last"])], $row['travellers']);
            self::assertNotSame($row['travellers'][0], $row['travellers'][1]);
        }
        self::assertCount(count($rows), array_unique($seen));
    }

    /** Each hand changes the light, the board’s as well; with the board dead the old switches still do. */
    public function testEveryHandChangesTheLight(): void
    {
        $lit = array_fill(0, 16, null);
        foreach (TwoWayTable::of(new TwoWay(3))->rows as $row) {
            $state = 0;
            foreach ([...$row['switches'], $row['relay']] as $hand => $isUp) {
                $state |= $isUp ? 1 << $hand : 0;
            }
            $lit[$state] = $row['lit'];
        }
        self::assertNotContains(null, $lit);
        for ($state = 0; $state < 16; ++$state) {
            for ($hand = 0; $hand < 4; ++$hand) {
                self::assertNotSame($lit[$state], $lit[$state ^ 1 << $hand], "$state, hand $hand");
            }
        }
    }

    public function testSoManySwitchesThereAre(): void
    {
        foreach ([0, 7] as $switches) {
            try {
                new TwoWay($switches);
                self::fail((string) $switches);
            } catch (\InvalidArgumentException $refused) {
                self::assertSame('A two-way circuit has between 1 and 6 switches besides the board.', $refused->getMessage());
            }
        }
    }

    /**
     * @param list<bool> $switches
     * @param ?bool $relay null leaves the board out
     * @return array<string, true> nets
     */
    private static function joinedToLive(array $switches, ?bool $relay): array
    {
        $wires = [['live', ($switches[0] ?? false) ? 'b1' : 'a1']];
        foreach ($switches as $place => $isCrossed) {
            if ($place > 0) {
                $next = $place + 1;
                array_push($wires, ["a$place", ($isCrossed ? 'b' : 'a') . $next], ["b$place", ($isCrossed ? 'a' : 'b') . $next]);
            }
        }
        if (null !== $relay) {
            $wires[] = ['lamp', ($relay ? 'b' : 'a') . count($switches)];
        }
        $joined = ['live' => true];
        for ($before = 0; $before < count($joined);) {
            $before = count($joined);
            foreach ($wires as [$one, $other]) {
                if (isset($joined[$one]) || isset($joined[$other])) {
                    $joined[$one] = $joined[$other] = true;
                }
            }
        }

        return $joined;
    }
}
