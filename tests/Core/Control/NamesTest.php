<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Control\Names;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NamesTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, bool}>
     */
    public static function pairs(): iterable
    {
        yield 'capitals' => ['Desk Lamp', 'desk lamp', true];
        yield 'blanks' => ['Desk  Lamp ', 'DeskLamp', true];
        yield 'punctuation' => ['Desk-lamp!', 'desk, lamp', true];
        yield 'letters with accents stay letters' => ['Café', 'cafÉ', true];
        yield 'an accent is a difference' => ['Café', 'Cafe', false];
        yield 'another number' => ['Lamp 1', 'Lamp 2', false];
        yield 'another word' => ['Desk lamp', 'Desk lamps', false];
        yield 'other scripts' => ['Лампа', 'лампа', true];
    }

    #[DataProvider('pairs')]
    public function testNamesAreToldApartAsAVoiceWould(string $one, string $other, bool $same): void
    {
        self::assertSame($same, Names::spoken($one) === Names::spoken($other));
    }

    public function testAFreeNameIsTheLowestNumberThatSoundsLikeNoOther(): void
    {
        self::assertSame('Lamp 2', Names::free('Lamp', ['lamp']));
        self::assertSame('Lamp 4', Names::free('Lamp', ['Lamp', 'lamp2', 'LAMP 3', 'Lamp 5']));
    }
}
