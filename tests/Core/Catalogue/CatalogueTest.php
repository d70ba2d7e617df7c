<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Catalogue;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\ChipPin;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    private const FOLDER = __DIR__ . '/../../../catalogue';

    public function testEveryPartFileIsReadAndWrittenInItsOneSpelling(): void
    {
        $files = FileCatalogue::dataFrom(self::FOLDER);
        self::assertGreaterThanOrEqual(38, count($files));
        foreach ($files as $id => $data) {
            $part = RecordReader::forFiles()->read(Part::class, $data);
            self::assertSame($id, $part->identity()->id);
            self::assertNotSame('', $part->identity()->source, $id . ' needs its provenance.');
            self::assertSame($data, RecordWriter::writeVariant(Part::class, $part), $id);
        }
    }

    public function testEveryCarrierFitsItsChipAndHasFullHeaders(): void
    {
        foreach (TestBoards::catalogue()->parts(Carrier::class) as $carrier) {
            $controller = new Controller($carrier, TestBoards::part($carrier->chip, Chip::class));
            $positions = ['left' => [], 'right' => [], 'bottom' => []];
            foreach ($carrier->header as $pin) {
                $positions[$pin->side->value][] = $pin->position;
            }
            self::assertSame(range(1, count($positions['left'])), $positions['left']);
            self::assertSame(
                'atmega328p-carrier-32' === $carrier->identity->id ? range(1, 16) : $positions['left'],
                $positions['right'],
                'Both sides have as many pins, but for the one carrier whose power header is shorter.',
            );
            self::assertGreaterThan(0, $carrier->price);
            $used = array_filter(array_map(static fn($pin): ?string => $pin->chipPin, $carrier->header), is_string(...));
            self::assertSame(array_unique($used), $used, 'No chip pin is led out twice.');
            self::assertCount(count($used), $controller->pins);
        }
    }

    /** The pin facts of the trade for the ESP32 (data sheet, from memory). */
    public function testTheEsp32Table(): void
    {
        $chip = TestBoards::part('esp32', Chip::class);
        $that
            /**
             * @param \Closure(ChipPin): bool $holds
             * @return list<int>
             */
            = static function (\Closure $holds) use ($chip): array {
                $numbers = [];
                foreach ($chip->pins as $pin) {
                    if ($holds($pin)) {
                        $numbers[] = (int) substr($pin->name, 4);
                    }
                }

                return $numbers;
            };
        self::assertSame([34, 35, 36, 39], $that(static fn(ChipPin $pin): bool => !$pin->can(Ability::Output)));
        self::assertSame([34, 35, 36, 39], $that(static fn(ChipPin $pin): bool => !$pin->can(Ability::PullUp)));
        self::assertSame([32, 33, 34, 35, 36, 39], $that(static fn(ChipPin $pin): bool => $pin->can(Ability::Analogue)));
        self::assertSame(
            [0, 2, 4, 12, 13, 14, 15, 25, 26, 27],
            $that(static fn(ChipPin $pin): bool => $pin->can(Ability::AnalogueWithoutRadio)),
        );
        self::assertSame([25, 26], $that(static fn(ChipPin $pin): bool => $pin->can(Ability::AnalogueOut)));
        self::assertSame([6, 7, 8, 9, 10, 11], $that(static fn(ChipPin $pin): bool => ReservedFor::Flash === $pin->reserved));
        self::assertSame([1, 3], $that(static fn(ChipPin $pin): bool => ReservedFor::Console === $pin->reserved));
        self::assertSame([0, 12], $that(static fn(ChipPin $pin): bool => StrapConsequence::WontRun === $pin->strap?->consequence));
        self::assertSame([2], $that(static fn(ChipPin $pin): bool => StrapConsequence::WontUpload === $pin->strap?->consequence));
        self::assertSame([5, 15], $that(static fn(ChipPin $pin): bool => StrapConsequence::Harmless === $pin->strap?->consequence));
    }

    /**
     * The labels of the ESP8266 carrier (common print, from memory).
     *
     * @return iterable<string, array{string, string}>
     */
    public static function labels(): iterable
    {
        foreach ([
            'D0' => 16,
            'D1' => 5,
            'D2' => 4,
            'D3' => 0,
            'D4' => 2,
            'D5' => 14,
            'D6' => 12,
            'D7' => 13,
            'D8' => 15,
            'RX' => 3,
            'TX' => 1,
        ] as $label => $number) {
            yield $label => [$label, 'GPIO' . $number];
        }
    }

    #[DataProvider('labels')]
    public function testTheEsp8266Labels(string $label, string $name): void
    {
        self::assertSame($name, self::esp8266()->read($label)->best()?->name());
        self::assertSame($label, self::esp8266()->read($name)->best()?->label());
    }

    public function testANameThatCanBeReadTwoWaysIsBoth(): void
    {
        $reading = self::esp8266()->read('5');
        self::assertTrue($reading->isAmbiguous());
        self::assertSame(['GPIO14', 'GPIO5'], [$reading->asLabel?->name(), $reading->asNumber?->name()]);
        self::assertSame('GPIO5', $reading->best()?->name());
        self::assertFalse(self::esp8266()->read('gpio5')->isAmbiguous(), 'A chip’s full name is clear');
        self::assertNull(self::esp8266()->read('D42')->best());

        $esp32 = new Controller(TestBoards::part('esp32-carrier-38', Carrier::class), TestBoards::part('esp32', Chip::class));
        self::assertSame(['GPIO9', 'GPIO2'], [$esp32->read('D2')->asLabel?->name(), $esp32->read('D2')->asNumber?->name()]);
        self::assertFalse($esp32->read('2')->isAmbiguous(), 'and so is a number that is printed as it is.');
        self::assertSame('GPIO2', $esp32->read('2')->best()?->name());
    }

    private static function esp8266(): Controller
    {
        return new Controller(TestBoards::part('esp8266-carrier-30', Carrier::class), TestBoards::part('esp8266', Chip::class));
    }
}
