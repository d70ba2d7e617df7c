<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Brief\Draft;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Single choices of single drafts: the part, the size, the box. */
final class DraftPartsTest extends TestCase
{
    public function testEveryNumberIsReadByItsWord(): void
    {
        $words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen',
            'fifteen', 'sixteen'];
        foreach ($words as $i => $word) {
            self::assertSame($i + 1, SentenceReader::read($word . ' lamps')->brief->lines(), $word);
        }
        $others = ['a' => 1, 'an' => 1, 'the' => 1, 'a pair of' => 2, 'a couple of' => 2, 'half a dozen' => 6, 'a dozen' => 12];
        foreach ($others as $word => $count) {
            self::assertSame($count, SentenceReader::read($word . ' lamps')->brief->lines(), $word);
        }
    }

    /** @return iterable<string, array{string, string, float, float}> sentence, fuse, mm² inside, rating of the terminals */
    public static function sizes(): iterable
    {
        // 157 mA: the smallest of everything. 8.7 A: 10 A, and no more is sold between.
        yield 'lamps' => ['two lamps, 230 V, in a case, esp8266', 'fuse-ceramic-1', 0.5, 6.0];
        yield 'heaters' => ['two heaters 1 kW, 230 V, in a case, esp8266', 'fuse-ceramic-10', 1.5, 10.0];
        yield '120 V' => ['a heater 1 kW, 120 V, in a case, esp8266', 'fuse-ceramic-10', 0.82, 10.0];
    }

    #[DataProvider('sizes')]
    public function testFuseWiresAndTerminalsAreThoseOfTheSum(string $sentence, string $fuse, float $squareMillimetres, float $rating): void
    {
        $box = self::board($sentence)->box;
        self::assertSame($fuse, $box?->fuse);
        self::assertGreaterThanOrEqual($squareMillimetres * 1e-6 - 1e-12, $box->innerSquareMetres?->value);
        self::assertSame($rating, $box->terminalAmps?->value);
        self::assertSame($rating, $box->inletAmps?->value);
    }

    /** A fuse of 16 A that breaks enough is no part of the catalogue; a maker may have one. */
    public function testARatingInTheMiddleIsTaken(): void
    {
        $fuse = Copy::of(TestBoards::part('fuse-ceramic-16', MainsFuse::class), ['breakingAmps' => 1500.0]);
        $catalogue = new class (TestBoards::catalogue(), $fuse) implements Catalogue {
            public function __construct(private Catalogue $all, private MainsFuse $own) {}

            public function part(string $id): ?Part
            {
                return $id === $this->own->identity->id ? $this->own : $this->all->part($id);
            }

            public function parts(string $class): array
            {
                $parts = $this->all->parts($class);
                foreach (array_keys($parts) as $id) {
                    $parts[$id] = $this->own instanceof $class && $id === $this->own->identity->id ? $this->own : $parts[$id];
                }

                return $parts;
            }
        };
        $box = self::board('two heaters 1.5 kW, 230 V, in a case, esp8266', $catalogue)->box;
        self::assertSame(['fuse-ceramic-16', 16.0], [$box?->fuse, $box?->terminalAmps?->value]);
    }

    /** One pole, a plain armature, reinforced: the cheapest of its coil voltage. */
    public function testTheRelayIsTheCheapestThatKeepsMainsApart(): void
    {
        $relays = static fn(string $sentence): array => array_values(array_unique(array_map(
            static fn($relay): ?string => $relay->relay,
            self::board($sentence)->actuators(),
        )));
        self::assertSame(['reinforced-5v'], $relays('two lamps, 230 V, in a case, esp8266, own driver circuits'));
        self::assertSame(['reinforced-12v'], $relays('two lamps, 230 V, in a case, esp8266, two supplies'));
        self::assertSame(['cube-12v'], $relays('a valve, 12 V, esp8266, own driver circuits'), 'No mains, no reinforced insulation.');
    }

    public function testAnExpanderIsFittedWhereOwnPinsDoNotSuffice(): void
    {
        self::assertSame([], self::board('three lamps, 230 V, esp8266')->expanders);
        $board = self::board('ten lamps, wall switches, 230 V, esp8266');
        self::assertNotSame([], $board->expanders);
        self::assertCount(count($board->functions), $board->seats);
        self::assertNotSame([], self::board('three lamps, 230 V, esp8266, an expander')->expanders);
    }

    /** 2 W at 12 V is 170 mA: a module of 420 mA bears it with its reserve, whatever the lamp beside it draws. */
    public function testASourceForDirectCurrentBearsItsOwnAppliancesOnly(): void
    {
        $sources = static fn(string $sentence): array => array_values(array_map(
            static fn($rail): string => $rail->supply,
            self::board($sentence)->rails,
        ));
        self::assertSame('module-12v-5w', $sources('a water valve 2 W and a lamp 18 W, 230 V, in a case, esp8266, own driver circuits')[1]);
        $many = $sources('three water valves 5 W, 230 V, in a case, esp8266, own driver circuits')[1];
        self::assertStringStartsWith('module-12v-', $many, 'No bus is counted on that nobody has named.');
    }

    public function testABoxIsFoundWhereItIsToStandElseByItself(): void
    {
        $box = static fn(string $sentence): ?string => self::board($sentence)->build->enclosure;
        self::assertSame('square-wall-70-35', $box('a lamp, a wall switch, 230 V, in a wall box, esp32-c3'));
        self::assertStringStartsWith('sealed-', (string) $box('four lamps, wall switches, 230 V, in a wall box, esp8266'));
        self::assertStringStartsWith('sealed-', (string) $box('four lamps, wall switches, 230 V, esp8266'));
        self::assertStringStartsWith('rail-', (string) $box('two lamps, push buttons, 230 V, on a rail, esp8266'));
        $missed = self::draft('four lamps, wall switches, 230 V, in a wall box, esp8266')->figures->missed;
        self::assertContains('not in a wall box: no such box of the catalogue holds it', $missed);
        $board = self::board('two lamps, push buttons, 230 V, on a rail, esp8266');
        self::assertNotSame([], $board->build->places);
    }

    /** A panel and rules cannot reach a board by themselves: a broker in the house stands behind them, once. */
    public function testWhatHandsOnGetsABrokerBehindIt(): void
    {
        $brief = new Brief(
            [new Wanted(2, 'Lamp', 'led-lamp', by: [SurfaceKind::PanelTile, SurfaceKind::ServiceRule])],
            mains: 'mains-230',
            home: Fact::stated(Home::Case),
        );
        $draft = (new DraftRun($brief, TestBoards::catalogue(), new Stock()))->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        self::assertSame(
            [['message-broker', null], ['phone-panel', 'C1'], ['house-rules', 'C1']],
            array_map(static fn(Channel $one): array => [$one->profile, $one->via], array_values($draft->board->channels)),
        );
        foreach ($draft->board->lines as $line) {
            self::assertCount(3, $line->surfaces);
        }
    }

    private static function board(string $sentence, ?Catalogue $catalogue = null): Board
    {
        return self::draft($sentence, $catalogue)->board;
    }

    private static function draft(string $sentence, ?Catalogue $catalogue = null): Draft
    {
        $draft = (new DraftRun(SentenceReader::read($sentence)->brief, $catalogue ?? TestBoards::catalogue(), new Stock()))->at(0);

        return $draft instanceof Draft ? $draft : self::fail($draft);
    }
}
