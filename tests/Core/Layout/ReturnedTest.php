<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Layout;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Build\Fit\Barrier;
use IronLatch\Core\Layout\Decisions;
use IronLatch\Core\Layout\Doubt;
use IronLatch\Core\Layout\FileKind;
use IronLatch\Core\Layout\LayoutFault;
use IronLatch\Core\Layout\LayoutFinding;
use IronLatch\Core\Layout\Returned;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Severity;
use IronLatch\Export\Exports;
use IronLatch\Export\Handover;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\LaidPad;
use IronLatch\Tests\Support\LayoutDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is said of a layout of the Utility room board that came back otherwise than it went out. */
final class ReturnedTest extends TestCase
{
    private static function desk(?Board $board = null, int $seed = 1): LayoutDesk
    {
        return new LayoutDesk($board ?? BenchDesk::demo('utility-room'), new Randomizer(new Mt19937($seed)));
    }

    private static function read(LayoutDesk $desk, Decisions $decisions = new Decisions()): Returned
    {
        return Returned::read(new Inspection($desk->board), $desk->ipc(), $decisions);
    }

    /**
     * @return list<string>
     */
    private static function said(Returned $read): array
    {
        return array_map(
            static fn(LayoutFinding $one): string => sprintf('%s, %s: %s', $one->severity->value, $one->fault->value, $one->statement),
            $read->findings,
        );
    }

    /**
     * @return list<Severity>
     */
    private static function severities(LayoutDesk $desk): array
    {
        return array_map(static fn(LayoutFinding $one): Severity => $one->severity, self::read($desk)->findings);
    }

    private static function pad(LayoutDesk $desk, string $part, string $pin): LaidPad
    {
        foreach ($desk->pads[$part] as $pad) {
            if ($pad->pin === $pin) {
                return $pad;
            }
        }
        self::fail($part . ' has no pin ' . $pin);
    }

    private static function exchange(LaidPad $one, LaidPad $other): void
    {
        [$one->net, $other->net] = [$other->net, $one->net];
    }

    private static function rename(LayoutDesk $desk, string $part, string $name): void
    {
        $desk->pads[$name] = $desk->pads[$part];
        $desk->quarters[$name] = $desk->quarters[$part];
        unset($desk->pads[$part]);
    }

    public function testWhatIsExchangedInOnePartIsSaidBeforeWhatIsExchangedBetweenTwo(): void
    {
        $desk = self::desk();
        [$ground, $supply, $coil] = [self::pad($desk, 'U01', 'L14'), self::pad($desk, 'U01', 'L19'), self::pad($desk, 'K81', 'A1')];
        self::assertSame($supply->net, $coil->net);
        $coil->net = $ground->net;
        self::exchange($ground, $supply);
        $said = implode("\n", self::said(self::read($desk)));
        self::assertMatchesRegularExpression('/U01 [^.]*L14[^.]* and U01 [^.]*L19[^.]* are exchanged/', $said);
    }

    public function testPinsOfTheControllerExchangedSayWhichLineActsOnWhichButton(): void
    {
        $desk = self::desk();
        self::exchange(self::pad($desk, 'U01', 'R12'), self::pad($desk, 'U01', 'R13'));
        $read = self::read($desk);
        self::assertSame([
            'broken, pins exchanged: U01 GPIO16 (printed 16) (R12) and U01 GPIO4 (printed 4) (R13) are exchanged. '
                . '“Dehumidifier push button” would then act on “Extractor fan”, and “Extractor fan push button” on “Dehumidifier”.',
        ], self::said($read));
        self::assertSame(['L1' => 'Dehumidifier', 'L2' => 'Extractor fan'], $read->findings[0]->lines);
        self::assertSame(['1 difference from this board.', false], [$read->verdict(), $read->agrees()]);
        self::assertCount(2, $read->findings[0]->rows);
    }

    public function testADiodeAndATransistorTheWrongWayRound(): void
    {
        $desk = self::desk();
        self::exchange(self::pad($desk, 'D31', 'K'), self::pad($desk, 'D31', 'A'));
        self::exchange(self::pad($desk, 'Q51', '1'), self::pad($desk, 'Q51', '3'));
        self::assertSame([
            'broken, pad map the wrong way round: Q51 stands the wrong way round: its pads E (1) and C (3) are exchanged.',
            'broken, pad map the wrong way round: D31 stands the wrong way round: its pads K and A are exchanged.',
        ], self::said(self::read($desk)));
    }

    public function testAControllerThatStandsTheWrongWayRoundIsOneFault(): void
    {
        $desk = self::desk();
        $nets = array_map(static fn(LaidPad $pad): string => $pad->net, $desk->pads['U01']);
        foreach ($desk->pads['U01'] as $place => $pad) {
            $pad->net = $nets[count($nets) - 1 - $place];
        }
        $read = self::read($desk);
        self::assertCount(1, $read->findings, implode("\n", self::said($read)));
        self::assertSame(LayoutFault::WrongWayRound, $read->findings[0]->fault);
        self::assertMatchesRegularExpression(
            '/^U01 stands the wrong way round, or has another pad map: \d+ of its pins lie where others should\. '
                . '[^.]+ lies on “[^.]+”\.$/u',
            $read->findings[0]->statement,
        );
    }

    public function testWhatIsTheSameEitherWayRoundIsNoFault(): void
    {
        $desk = self::desk();
        self::exchange(self::pad($desk, 'R11', '1'), self::pad($desk, 'R11', '2'));
        self::exchange(self::pad($desk, 'Z11', '1'), self::pad($desk, 'Z11', '2'));
        self::exchange(self::pad($desk, 'K31', 'A1'), self::pad($desk, 'K31', 'A2'));
        self::exchange(self::pad($desk, 'C27', '1'), self::pad($desk, 'C27', '2'));
        self::assertSame([], self::said(self::read($desk)));
    }

    public function testMainsOnLowVoltageIsADanger(): void
    {
        $desk = self::desk();
        foreach ($desk->pads as $pads) {
            foreach ($pads as $pad) {
                $pad->net = 'GND' === $pad->net ? 'N' : $pad->net;
            }
        }
        $read = self::read($desk);
        self::assertSame(['danger, nets joined: “GND” and “N” are one net there: they must stay apart.'], self::said($read));
        $desk = self::desk();
        self::pad($desk, 'U01', 'L2')->net = 'L';
        self::assertSame([
            'danger, mains on a low-voltage part: U01 EN (L2) lies on “L behind the fuse” there, and should stay free. '
                . 'Mains would come to a part of the low-voltage side.',
        ], self::said(self::read($desk)));
    }

    /** The free contact of a relay is at mains while the relay rests: on ground it is no habit of a desk. */
    public function testAFreeContactAtMainsOnLowVoltageIsADanger(): void
    {
        foreach (['GND', 'R1', 'F7'] as $net) {
            $desk = self::desk();
            self::pad($desk, 'K11', '12')->net = $net;
            self::assertSame([Severity::Danger], self::severities($desk), $net);
        }
        $desk = self::desk();
        self::pad($desk, 'K11', '12')->net = 'L';
        self::assertSame([Severity::Broken], self::severities($desk), 'It is on while it should be off, and no mains comes elsewhere.');
    }

    public function testAFuseOrAContactThatIsGoneRoundAndEarthThatIsLostAreDangers(): void
    {
        foreach (['L_before' => 'L', 'L1_on' => 'L', 'N' => 'L'] as $one => $other) {
            $desk = self::desk();
            foreach ($desk->pads as $pads) {
                foreach ($pads as $pad) {
                    $pad->net = $one === $pad->net ? $other : $pad->net;
                }
            }
            self::assertSame([Severity::Danger], self::severities($desk), $one);
        }
        $desk = self::desk();
        self::pad($desk, 'X12', 'PE')->net = '';
        self::assertSame([Severity::Danger], self::severities($desk));
        $desk = self::desk();
        self::pad($desk, 'R11', '1')->net = '';
        self::assertSame([Severity::Broken], self::severities($desk));
    }

    public function testAControllerThatStandsSoThatMainsComesToItIsADanger(): void
    {
        $desk = self::desk();
        foreach (['R12' => 'L', 'R13' => 'F10', 'L15' => 'F9'] as $pin => $net) {
            self::pad($desk, 'U01', $pin)->net = $net;
        }
        $read = self::read($desk);
        self::assertSame(
            [[LayoutFault::WrongWayRound, Severity::Danger]],
            array_map(static fn(LayoutFinding $one): array => [$one->fault, $one->severity], $read->findings),
            implode("\n", self::said($read)),
        );
    }

    /** Two pads of one pin on two nets: the file calls them two, the metal does not. */
    public function testAPinOnTwoNetsJoinsThem(): void
    {
        $desk = self::desk();
        $gate = self::pad($desk, 'U01', 'L1');
        $desk->pads['U01'][] = new LaidPad('GND', 'L1', $gate->x + 0.02, $gate->y, 1e-3, 0.0);
        self::assertSame(
            ['broken, nets joined: U01 3V3 (L1) lies on “VDD” and “GND” there: it joins them.'],
            self::said(self::read($desk)),
        );
    }

    public function testAReservoirTheWrongWayRound(): void
    {
        $desk = self::desk();
        self::exchange(self::pad($desk, 'C13', 'PLUS'), self::pad($desk, 'C13', 'MINUS'));
        self::assertSame([LayoutFault::WrongWayRound], array_map(
            static fn(LayoutFinding $one): LayoutFault => $one->fault,
            self::read($desk)->findings,
        ));
    }

    public function testPadsThatLieInAHeapAreRefused(): void
    {
        $desk = self::desk();
        for ($number = 0; $number < 3000; ++$number) {
            $desk->vias[] = ['L', 0.5, 0.5];
        }
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('lie too close together');
        self::read($desk);
    }

    /** Without a size a pad is at least as large as its hole: 0.8 mm. */
    public function testAPadWithoutASizeIsAsLargeAsItsHole(): void
    {
        $near = static function (float $metres): array {
            $desk = self::desk();
            $pad = self::pad($desk, 'F01', '1');
            [$pad->width, $pad->height] = [0.0, 0.0];
            $other = self::pad($desk, 'F01', '2');
            $turn = atan2($pad->y - $other->y, $pad->x - $other->x);
            $desk->vias[] = ['GND', $pad->x + ($metres + 0.7e-3) * cos($turn), $pad->y + ($metres + 0.7e-3) * sin($turn)];

            return self::severities($desk);
        };
        self::assertSame([[], [Severity::Weak]], [$near(10.05e-3), $near(9.95e-3)]);
    }

    public function testFreePins(): void
    {
        $desk = self::desk();
        // On another pin of the same controller.
        self::pad($desk, 'U01', 'R13')->net = '';
        self::pad($desk, 'U01', 'R14')->net = 'F9';
        self::assertSame([
            'broken, pin on another net: “Extractor fan push button” goes to U01 GPIO0 (printed 0) (R14) there, and should go to GPIO4 '
                . '(printed 4) (R13).',
        ], self::said(self::read($desk)));
        // A free pin on ground is no fault, one on a rail is.
        $desk = self::desk();
        self::pad($desk, 'U01', 'R14')->net = 'GND';
        $read = self::read($desk);
        self::assertSame([Severity::Hint, true], [$read->findings[0]->severity, $read->agrees()]);
        self::pad($desk, 'U01', 'R14')->net = 'R1';
        self::assertSame(Severity::Broken, self::read($desk)->findings[0]->severity);
        // The second pad of one terminal alone.
        $desk = self::desk();
        self::pad($desk, 'K11', '11b')->net = '';
        self::assertSame([
            'weak, net broken: K11 COM (11b) lies free there: the other pad of the same terminal alone carries “L behind the fuse”.',
        ], self::said(self::read($desk)));
    }

    public function testPartsUnderOtherNamesAreFoundByWhatTheyJoin(): void
    {
        $desk = self::desk();
        foreach (['K11' => 'RLY1', 'K61' => 'RLY6', 'R115' => 'R900', 'D81' => 'DX'] as $part => $name) {
            self::rename($desk, $part, $name);
        }
        $read = self::read($desk);
        self::assertSame([], self::said($read));
        $taken = array_combine(
            array_map(static fn(Doubt $doubt): string => $doubt->key, $read->doubts),
            array_map(static fn(Doubt $doubt): string => $doubt->taken, $read->doubts),
        );
        ksort($taken);
        self::assertSame(['DX' => 'D81', 'R900' => 'R115', 'RLY1' => 'K11', 'RLY6' => 'K61'], $taken);
        self::assertSame(['No difference, and 4 doubts to settle.', false], [$read->verdict(), $read->agrees()]);
        // Settled once, they are known.
        $read = self::read($desk, new Decisions($taken));
        self::assertSame([[], true], [$read->doubts, $read->agrees()]);
        // Settled otherwise, it is held to that.
        $read = self::read($desk, new Decisions(['RLY1' => 'K61', 'RLY6' => 'K11'] + $taken));
        self::assertNotSame([], $read->findings);
    }

    public function testNetsUnderOtherNamesAreTheSame(): void
    {
        $desk = self::desk();
        foreach ($desk->pads as $pads) {
            foreach ($pads as $pad) {
                $pad->net = '' === $pad->net ? '' : (string) (1000 + crc32($pad->net) % 8999);
            }
        }
        self::assertSame([[], []], [self::said(self::read($desk)), self::read($desk)->doubts]);
        unset($desk->pads['R11']);
        self::assertSame(['broken, part missing: R11 (base resistor) is missing there.'], self::said(self::read($desk)));
    }

    public function testEverythingUnderOtherNames(): void
    {
        $desk = self::desk(BenchDesk::demo('fermentation'));
        foreach (array_keys($desk->pads) as $place => $part) {
            self::rename($desk, $part, 'P' . $place);
        }
        $read = self::read($desk);
        self::assertSame([], array_filter(
            $read->findings,
            static fn(LayoutFinding $one): bool => !in_array($one->fault, [LayoutFault::Missing, LayoutFault::Extra], true),
        ), implode("\n", self::said($read)));
        self::assertGreaterThan(count($desk->pads) / 2, count($read->doubts), 'Most have a place of their own.');
    }

    public function testPinsUnderOtherNames(): void
    {
        $desk = self::desk();
        // As the terminal is called, not as its pad is numbered.
        foreach (['11' => 'COM', '14' => 'NO'] as $pad => $name) {
            self::pad($desk, 'K11', (string) $pad)->pin = $name;
        }
        $read = self::read($desk);
        self::assertSame(['K11.COM', 'K11.NO'], array_map(static fn(Doubt $doubt): string => $doubt->key, $read->doubts), 'Two pads each.');
        $read = self::read($desk, new Decisions(pins: ['K11.COM' => '11', 'K11.NO' => '14']));
        self::assertSame([[], []], [$read->doubts, self::said($read)]);
    }

    public function testAPartTooManyBelongsThereOnceItIsSaid(): void
    {
        $desk = self::desk();
        $desk->pads['TP1'] = [new LaidPad('GND', '1', 1.0, 0.5, 1e-3, 0.0)];
        $desk->pads['MH1'] = [new LaidPad('', '1', 1.0, 0.6, 3e-3, 0.0)];
        $desk->quarters += ['TP1' => 0, 'MH1' => 0];
        $read = self::read($desk);
        self::assertSame(['weak, part too many: “TP1” is no part of this board, and is joined to its nets.'], self::said($read));
        self::assertSame('TP1', $read->findings[0]->settles);
        self::assertTrue(self::read($desk, new Decisions(['TP1' => '']))->agrees());
    }

    public function testDistancesOnBothSidesOfWhatIsWanted(): void
    {
        $board = BenchDesk::demo('utility-room');
        $barrier = Barrier::of($board);
        self::assertEqualsWithDelta([5.5e-3, 10e-3], [$barrier->needed, $barrier->kept], 1e-9);
        $said = static function (float $metres, string $net, bool $isBelow = false) use ($board): array {
            $desk = self::desk($board);
            $pad = self::pad($desk, 'F01', '1');
            [$pad->width, $pad->height] = [2e-3, 0.0];
            // A via of 0.6 mm, seen from the side on which nothing else lies.
            $other = self::pad($desk, 'F01', '2');
            $turn = atan2($pad->y - $other->y, $pad->x - $other->x);
            $desk->vias[] = [$net, $pad->x + ($metres + 1.3e-3) * cos($turn), $pad->y + ($metres + 1.3e-3) * sin($turn)];

            return array_map(static fn(LayoutFinding $one): Severity => $one->severity, self::read($desk)->findings);
        };
        self::assertSame([], $said(10.05e-3, 'GND'));
        self::assertSame([Severity::Weak], $said(9.95e-3, 'GND'), 'Less than promised, as much as the tables ask for.');
        self::assertSame([Severity::Weak], $said(5.55e-3, 'GND'));
        self::assertSame([Severity::Danger], $said(5.45e-3, 'GND'));
        self::assertSame([], $said($barrier->basic + 0.05e-3, 'N'));
        self::assertSame([Severity::Weak], $said($barrier->basic - 0.05e-3, 'N'));
        self::assertSame([], $said(0.5e-3, 'L_before'), 'It is the same net.');
    }

    public function testAPadOnTheOtherFaceIsNotNear(): void
    {
        $board = TestBoards::edited(BenchDesk::demo('utility-room'), new StateBuild(BuildForm::Assembled));
        $near = static function (?string $live, ?string $low) use ($board): bool {
            $desk = self::desk($board);
            [$one, $other] = [$desk->pads['F01'][0], $desk->pads['R115'][0]];
            [$desk->access, $desk->quarters['R115']] = [[], 0];
            foreach (array_filter(['F01' => $live, 'R115' => $low], is_string(...)) as $part => $access) {
                $desk->access[$part] = $access;
            }
            [$other->x, $other->y] = [$one->x + 6e-3, $one->y + 6e-3];

            return in_array(LayoutFault::TooNear, array_map(
                static fn(LayoutFinding $finding): LayoutFault => $finding->fault,
                array_filter(
                    self::read($desk)->findings,
                    static fn(LayoutFinding $finding): bool => in_array('R115', $finding->parts, true),
                ),
            ), true);
        };
        self::assertTrue($near(null, null));
        self::assertTrue($near(null, '02'), 'What is plated through has copper on both faces.');
        self::assertTrue($near('02', '02'));
        self::assertFalse($near('01', '02'));
    }

    public function testAMainsHoleWithoutPlating(): void
    {
        $desk = self::desk();
        $text = (string) preg_replace('/^(317\S+ +F01 +-1 +D\d{4})P/m', '$1U', $desk->ipc(), 1);
        $read = Returned::read(new Inspection($desk->board), $text);
        self::assertSame(
            ['weak, mains hole without plating: The hole of F01 1 is not plated: mains current would go through one face alone, and the '
                . 'pad comes off with the heat.'],
            self::said($read),
        );
        $low = (string) preg_replace('/^(317\S+ +R11 +-1 +D\d{4})P/m', '$1U', $desk->ipc(), 1);
        self::assertSame([], self::said(Returned::read(new Inspection($desk->board), $low)));
    }

    public function testOurOwnListsComeBackWithoutADifference(): void
    {
        foreach (['utility-room', 'aquarium', 'fermentation'] as $demo) {
            foreach ([null, BuildForm::Assembled] as $form) {
                $board = BenchDesk::demo($demo);
                $board = null === $form ? $board : TestBoards::edited($board, new StateBuild($form));
                $handover = new Handover(new Inspection($board, TestBoards::catalogue()), '2026-03-14');
                foreach (['order.parts' => FileKind::Parts, 'nets' => FileKind::Netlist, 'parts' => FileKind::Parts] as $word => $kind) {
                    $read = Returned::read(new Inspection($board), (new Exports())->file($handover, $word)->text ?? '');
                    self::assertSame([$kind, []], [$read->kind, self::said($read)], $demo . ' ' . $word);
                }
            }
        }
    }

    public function testAPartsListThatDiffers(): void
    {
        $board = TestBoards::edited(BenchDesk::demo('utility-room'), new StateBuild(BuildForm::Assembled));
        $rows = [
            'Designator,Value,Footprint,Qty,In stock',
            'R12 R22 R32 R42 R52 R62 R72 R82 R115 R125,10k,R_0805_2012Metric,10,40',
            'R145,1k,0805,1,40',
            'R11 R21 R31 R41 R51 R61 R71,470R,0603,7,40',
            'R186,680,0805,3,40',
            'Q11 Q21 Q31 Q41 Q51 Q61 Q71 Q81,MMBT2222A,SOT-23,8,5',
            'D11 D21 D31 D41 D51 D61 D71 D81 D46,M7,SMA,9,100',
            'FID1,fiducial,,1,',
        ];
        $read = Returned::read(new Inspection($board), implode("\n", $rows));
        $said = self::said($read);
        sort($said);
        self::assertSame([
            'broken, another count: It counts 3 of 680, and names 1.',
            ...array_map(
                static fn(int $number): string => sprintf(
                    'broken, another package: R%d1 has the package “0603” there, and 0805 here.',
                    $number,
                ),
                range(1, 7),
            ),
            'broken, another value: R145 is “1k” there, and 10 kΩ here.',
            'broken, part missing: R81 (470 Ω) is missing from this list.',
            'weak, not in stock: Q11, Q21, Q31, Q41, Q51, Q61, Q71, Q81: 8 wanted, “5” in stock.',
            'weak, part too many: “FID1” is no part of this board that lies on it.',
        ], $said);
        // For five boards there are five of each.
        $five = "Designator,Value,Qty\nR12 R22,10k,10\nR186,680,5\n";
        self::assertSame([], array_filter(
            Returned::read(new Inspection($board), $five)->findings,
            static fn(LayoutFinding $one): bool => LayoutFault::OtherCount === $one->fault,
        ));
        // One row that counts too few is that row’s fault, and not that of all others.
        $few = "Designator,Value,Qty\nR12 R22,10k,8\nR186,680,5\nR145,10k,5\n";
        self::assertSame(['It counts 8 of 10k, and names 2 for each of 5 boards.'], array_values(array_map(
            static fn(LayoutFinding $one): string => $one->statement,
            array_filter(
                Returned::read(new Inspection($board), $few)->findings,
                static fn(LayoutFinding $one): bool => LayoutFault::OtherCount === $one->fault,
            ),
        )));
    }

    public function testAPartThatStandsThereAgainIsSaidOnceAndAListOfAnotherBoardIsRefused(): void
    {
        $inspection = new Inspection(BenchDesk::demo('utility-room'));
        $again = Returned::read($inspection, "Designator,Value\n" . str_repeat("R11,470\n", 5));
        self::assertCount(1, array_filter(
            $again->findings,
            static fn(LayoutFinding $one): bool => 'R11 stands in this list more than once.' === $one->statement,
        ));
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('more than 20000 parts');
        Returned::read($inspection, "Designator,Value\n" . str_repeat("R1-R499,470\n", 50));
    }

    public function testSidesOfAPlacementList(): void
    {
        $board = TestBoards::edited(BenchDesk::demo('utility-room'), new StateBuild(BuildForm::Assembled));
        $desk = self::desk($board);
        $desk->access['R11'] = '02';
        $read = Returned::read(new Inspection($board), $desk->placement());
        self::assertSame([
            'weak, parts on both sides: R11 lies on the bottom, all other parts on the other face: the usual terms take one face alone, '
                . 'and no assembler is stated.',
        ], self::said($read));
        self::assertContains(
            'How parts are turned is not compared: read the netlist of the same layout first, which says where their pads lie.',
            $read->notes,
        );
    }

    public function testADeskThatCountsFromElsewhereIsTold(): void
    {
        $desk = self::desk(TestBoards::edited(BenchDesk::demo('utility-room'), new StateBuild(BuildForm::Assembled)));
        $diodes = array_filter(array_keys($desk->pads), static fn(string $part): bool => str_starts_with($part, 'D'));
        $read = Returned::read(
            new Inspection($desk->board),
            $desk->placement(array_fill_keys($diodes, 2)),
            beside: static fn(): string => $desk->ipc(),
        );
        self::assertCount(1, $read->findings, implode("\n", self::said($read)));
        self::assertSame([LayoutFault::Turned, Severity::Weak], [$read->findings[0]->fault, $read->findings[0]->severity]);
        self::assertStringContainsString('are turned by 180° more', $read->findings[0]->statement);
    }

    public function testWhatWasReadHoldsWhileTheConnectionsStay(): void
    {
        $board = BenchDesk::demo('utility-room');
        $hash = Returned::hashOf(new Inspection($board));
        self::assertSame($hash, self::read(self::desk())->hash);
        self::assertSame($hash, Returned::hashOf(new Inspection(BenchDesk::demo('utility-room'))));
        self::assertNotSame($hash, Returned::hashOf(new Inspection(BenchDesk::demo('aquarium'))));
        // The same connections, and more room between mains and all else.
        $wider = TestBoards::edited(BenchDesk::demo('utility-room'), new StateBox(clearanceMetres: 12e-3, creepageMetres: 12e-3));
        self::assertNotSame($hash, Returned::hashOf(new Inspection($wider)));
    }

    public function testDecisionsAreKeptAsText(): void
    {
        $one = new Decisions(['K1' => 'K11', '7' => ''], ['K11.COM' => '11'], ['Code' => 'value']);
        self::assertEquals($one, Decisions::read($one->json()));
        self::assertEquals(new Decisions(), Decisions::read('{"parts": 3'));
        self::assertEquals(new Decisions(['a' => 'b']), Decisions::read('{"parts": {"a": "b", "c": 4}, "pins": "x"}'));
        self::assertSame(['K1' => 'K12'], $one->with(new Decisions(['K1' => 'K12', '7' => Decisions::OPEN]))->parts);
        $long = new Decisions([str_repeat('x', 201) => 'a', 'b' => str_repeat('x', 201), str_repeat('y', 200) => 'c']);
        self::assertSame([str_repeat('y', 200) => 'c'], (new Decisions())->with($long)->parts, 'No name is as long.');
    }
}
