<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Naming;
use IronLatch\Core\Control\TopicName;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever a maker calls his lines, every shipped profile gives each a legal address of its own. */
final class EveryProfileTest extends TestCase
{
    private const NAMES = [
        'Lamp',
        'lamp',
        'LAMP ',
        'Lamp 2',
        'Lamp2',
        'off',
        'Everything',
        '2',
        '💡',
        '  x',
        'Größe',
        'groesse',
        'a/b',
        'a+b',
        '#1',
        '$SYS',
        'Лампа',
        'Très long nom de ligne qui ne finit jamais, jamais, jamais, et encore',
        "O'Brien’s",
        'turn off',
    ];

    /**
     * @return iterable<string, array{SurfaceProfile}>
     */
    public static function profiles(): iterable
    {
        foreach (TestBoards::catalogue()->parts(SurfaceProfile::class) as $id => $profile) {
            // What writes pins calls a line by its pin, and a line without one by nothing.
            if (null === $profile->setsPins) {
                yield $id => [$profile];
            }
        }
    }

    #[DataProvider('profiles')]
    public function testEveryAddressIsLegalAndItsOwn(SurfaceProfile $profile): void
    {
        $board = TestBoards::edited(TestBoards::bare(), new AddChannel($profile, 'Far', ''));
        foreach (self::NAMES as $name) {
            $board = TestBoards::edited($board, new AddLine(trim($name), TestBoards::part('led-lamp', Appliance::class)));
        }
        $entries = ControlMap::of(TestBoards::edited($board, new PutOnChannel('C1', array_keys($board->lines))))->on('C1');
        self::assertCount(count(self::NAMES), $entries);
        $addresses = array_map(static fn(Entry $entry): string => $entry->address, $entries);
        self::assertSame($addresses, array_values(array_unique($addresses)));
        foreach ($entries as $entry) {
            self::assertNull(match ($profile->addressing) {
                Addressing::Topic => TopicName::fault($entry->address),
                Addressing::Name, Addressing::Command => Naming::fault($entry->address, $profile->names),
                Addressing::Rule, Addressing::Tile, Addressing::Word => Naming::fault($entry->address, $profile->names),
                Addressing::Pin => null,
                Addressing::Number => ctype_digit($entry->address) ? null : $entry->address,
                Addressing::Path => 1 === preg_match('~^/[a-z0-9-]+$~', $entry->address) ? null : $entry->address,
            }, $entry->address);
            self::assertNotSame('', $entry->on);
            self::assertNotSame($entry->on, $entry->off);
            self::assertStringNotContainsString('{', $entry->on . $entry->off . $entry->toggle . $entry->state, 'Every place is filled.');
        }
        if ($profile->direction->tellsState() && '' !== $profile->state && Addressing::Path !== $profile->addressing) {
            $states = array_map(static fn(Entry $entry): string => $entry->state, $entries);
            self::assertSame($states, array_values(array_unique($states)), 'Each tells its state in a place of its own.');
        }
    }
}
