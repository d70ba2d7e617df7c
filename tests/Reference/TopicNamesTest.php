<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\TopicName;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Topic names against MQTT 3.1.1 (OASIS, 2014), sections 1.5.3 and 4.7; its examples are from memory. */
final class TopicNamesTest extends TestCase
{
    #[TestWith(['sport/tennis/player1', true])]
    #[TestWith(['/finance', true])]
    #[TestWith(['Accounts payable', true])]
    #[TestWith(['/', true])]
    #[TestWith(['sport/tennis/player1/#', false])]
    #[TestWith(['sport/+/player1', false])]
    #[TestWith(['+', false])]
    #[TestWith(['$SYS/uptime', false])]
    #[TestWith(["nul\0l", false])]
    #[TestWith(["\xC3\x28", false])]
    #[TestWith(['', false])]
    public function testWhatMayBePublishedTo(string $topic, bool $legal): void
    {
        self::assertSame($legal, null === TopicName::fault($topic));
    }

    public function testLengthInBytes(): void
    {
        self::assertNull(TopicName::fault(str_repeat('a', 65_535)));
        self::assertNotNull(TopicName::fault(str_repeat('ä', 32_768)));
    }

    public function testEveryDerivedTopicIsLegal(): void
    {
        foreach (ControlMap::of(TestBoards::operatedInManyWays())->on('C2') as $entry) {
            self::assertSame([null, null], [TopicName::fault($entry->address), TopicName::fault($entry->state)]);
        }
    }
}
