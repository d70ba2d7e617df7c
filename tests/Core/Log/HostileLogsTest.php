<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Log;

use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Log\LogJson;
use IronLatch\Tests\Support\Sample;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Logs that somebody has spoilt are read whole or refused in words. */
#[Group('properties')]
final class HostileLogsTest extends TestCase
{
    public function testSpoiltLogsAreReadOrRefused(): void
    {
        $sound = (string) file_get_contents(dirname(__DIR__, 3) . '/demo/utility-room.log.json');
        // Few readings, so that a spoilt place is hit.
        $sound = (string) preg_replace('/"readings": \[.*?\n            \]/s', '"readings": []', $sound);
        $refused = 0;
        for ($seed = 0; $seed < Sample::size(60, 1000); ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $text = $sound;
            for ($times = $random->getInt(1, 4); $times > 0; --$times) {
                $at = $random->getInt(0, strlen($text));
                $text = match ($random->getInt(0, 6)) {
                    0 => substr($text, 0, $at),
                    1 => substr_replace($text, $random->getBytes(3), $at, 3),
                    2 => (string) preg_replace('/\d+/', '1e999', $text, 3),
                    3 => str_replace('"B1"', '"B0"', $text),
                    4 => (string) preg_replace('/"[^"]{4,12}"/', '[[[]]]', $text, $random->getInt(1, 9)),
                    5 => str_replace('"euros"', '"count"', $text),
                    default => (string) preg_replace('/(\d+(\.\d+)? €)/', '"-5 €"', $text),
                };
            }
            try {
                self::assertEquals($log = LogJson::read($text), LogJson::read(LogJson::write($log)), (string) $seed);
            } catch (BoardFileFault $fault) {
                ++$refused;
                self::assertMatchesRegularExpression('/^\P{Ll}.{15,}\.$/su', $fault->getMessage(), (string) $seed);
            }
        }
        self::assertGreaterThan(10, $refused);
    }
}
