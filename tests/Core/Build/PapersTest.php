<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build;

use IronLatch\Core\Build\Currency;
use IronLatch\Core\Build\Drawer;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PriceList;
use IronLatch\Core\Exchange\Csv;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Price list, drawer and currency: what makers type, and what is refused in words. */
final class PapersTest extends TestCase
{
    public function testAPriceListReplacesWhatIsShipped(): void
    {
        $list = PriceList::of(
            Csv::read("\u{FEFF}Part;Price;Source;Date\r\nreinforced-5v;1,90 £;the shop;2026-11-20\r\n\"10  kΩ\";0.01;;\r\n"),
            0.8,
        );
        $price = $list->priceOf('reinforced-5v', 'whatever it is called');
        self::assertNotNull($price);
        self::assertEqualsWithDelta(1.9 / 0.8, $price->euros, 1e-12);
        self::assertSame(['the shop', '2026-11-20', false], [$price->source, $price->date, $price->isIndicative]);
        self::assertSame('your price list', $list->priceOf(null, '10 KΩ')?->source, 'However it is spaced and capitalised.');
        self::assertNull($list->priceOf('reinforced-12v', 'Relay'));
        $board = WiredBoards::demos()['utility-room'];
        $connections = Connections::of($board);
        $usual = PartsList::of($board, $connections)->knownEuros();
        $mine = PartsList::of($board, $connections, $list)->knownEuros();
        // Eight relays at 2.375 € instead of 2.20 €, eleven resistors at 0.0125 € instead of 0.02 €.
        self::assertEqualsWithDelta($usual + 8 * (2.375 - 2.2) + 11 * (0.0125 - 0.02), $mine, 1e-9);
        self::assertEqualsWithDelta(2.375, PartsList::byLine($board, $connections, $list)['L1']->rowOf('K11')?->sumEuros(), 1e-9);
    }

    #[TestWith(["part,cost\na,1", 'The first row names the columns: “part” and “price” at least, “source” and “date” if you like.'])]
    #[TestWith(["part,price\na,1\nb,dear", 'Row 3: “dear” is no price. Write a number such as 2.40.'])]
    #[TestWith(["part,price\na,-1", 'Row 2: “-1” is no price. Write a number such as 2.40.'])]
    #[TestWith(["part,price\na,2000000", 'Row 2: “2000000” is no price. Write a number such as 2.40.'])]
    #[TestWith(["part,price\n ,1", 'Row 2 names no part. Write its id or its words as in the parts list.'])]
    #[TestWith(["part,price\na\xff,1", 'This is no text in UTF-8. Save the table as CSV in UTF-8 and try again.'])]
    public function testABadPriceListIsRefusedInWords(string $text, string $words): void
    {
        $this->expectExceptionObject(new \InvalidArgumentException($words));
        PriceList::of(Csv::read($text));
    }

    #[TestWith(["10 × 10 kΩ\n4 x reinforced-5v\nNPN 2N2222A class, 20"])]
    #[TestWith(["part,count\n10 kΩ,10\nReinforced-5V,3\nreinforced-5v,1\nnpn 2n2222a class,20"])]
    #[TestWith(["count\tvalue\n10\t10 kΩ\n4\treinforced-5v\n20\tNPN 2N2222A class"])]
    public function testADrawerIsReadHoweverItIsTyped(string $text): void
    {
        $drawer = Drawer::of(Csv::read($text));
        self::assertSame(10.0, $drawer->countOf(null, '10 kΩ'));
        self::assertSame(4.0, $drawer->countOf('reinforced-5v', 'Relay 5 V'));
        self::assertSame(20.0, $drawer->countOf(null, 'NPN 2N2222A class'));
        self::assertSame(0.0, $drawer->countOf('cube-5v', 'Relay'));
    }

    public function testALineWithoutACountIsRefused(): void
    {
        $this->expectExceptionObject(new \InvalidArgumentException(
            'Row 2, “a handful of nuts”, names no part with its count. Write lines such as: 10 × 10 kΩ.',
        ));
        Drawer::of(Csv::read("3 × bolts\na handful of nuts"));
    }

    public function testACurrencyIsOnePerShelf(): void
    {
        self::assertSame('9.03 £', (new Currency('£', 0.86))->printed(10.5));
        self::assertSame('10.50 €', (new Currency())->printed(10.5));
        foreach ([['', 1.0], ['a b', 1.0], ['1', 1.0], ['<b>', 1.0], ['pounds', 1.0], ['£', 0.0], ['£', 1e7]] as [$sign, $rate]) {
            try {
                new Currency($sign, $rate);
                self::fail(sprintf('“%s” at %g was taken.', $sign, $rate));
            } catch (\InvalidArgumentException $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }

    public function testQuotedFieldsMayRunOverLines(): void
    {
        self::assertSame([['a', "b\nc \"d\""], ['e', 'f']], Csv::read("a,\"b\nc \"\"d\"\"\"\r\n\r\ne,f"));
        self::assertSame([['a', 'b;c']], Csv::read("a\tb;c"));
        $rows = [['plain', 'with, comma', "with\nbreak", 'with "quotes"'], ['x', '', 'ä', 'µ']];
        self::assertSame($rows, Csv::read(Csv::write($rows)), 'What is written is read back.');
    }

    /** A cubic inch has 16.387064 cm³, as the inch is defined. */
    public function testVolumesAreWrittenInCubicCentimetres(): void
    {
        self::assertEqualsWithDelta(294.967152e-6, QuantityParser::parse('18 in³', Unit::CubicMetre), 1e-15);
        self::assertEqualsWithDelta(295e-6, QuantityParser::parse('295 cm³', Unit::CubicMetre), 1e-15);
        self::assertSame('295 cm³', QuantityPrinter::written(295e-6, Unit::CubicMetre));
        self::assertSame('295 cm³', QuantityPrinter::rounded(294.967152e-6, Unit::CubicMetre));
    }
}
