<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Layout;

use IronLatch\Core\Layout\Face;
use IronLatch\Core\Layout\Orientation;
use IronLatch\Core\Layout\OwnNetlist;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** How parts lie that are not turned (IPC-7351, level A, from memory), and what a list may say of them on either face. */
final class OrientationTest extends TestCase
{
    private static function of(string $part): ?Orientation
    {
        $inspection = new Inspection(BenchDesk::demo('utility-room'));
        $own = new OwnNetlist($inspection->board, $inspection->connections(), $inspection->partsList());

        return Orientation::of($inspection->connections()->devices[$part], $own);
    }

    public function testAPartThatIsNotTurned(): void
    {
        self::assertSame(['K', 'A', 0.0], [self::of('D11')?->from, self::of('D11')?->to, self::of('D11')?->degrees]);
        self::assertSame(['PLUS', 'MINUS', 0.0], [self::of('C13')?->from, self::of('C13')?->to, self::of('C13')?->degrees]);
        self::assertSame(270.0, self::of('Q11')?->degrees, 'The second pin lies below the first.');
        self::assertNull(self::of('R11'));
        self::assertNull(self::of('C27'), 'It has no polarity.');
    }

    /** A diode on the bottom whose cathode lies left of its anode, seen from the top, lies there turned by 180°, from either side. */
    public function testOnTheBottomItIsMirrored(): void
    {
        $diode = self::of('D11');
        self::assertSame([90.0], $diode?->angles(90.0, Face::Top));
        self::assertSame([180.0, 180.0], $diode->angles(0.0, Face::Bottom));
        // Its anode above its cathode: turned by 270° as seen from the top, by 90° as seen from below.
        self::assertSame([270.0, 90.0], $diode->angles(90.0, Face::Bottom));
    }
}
