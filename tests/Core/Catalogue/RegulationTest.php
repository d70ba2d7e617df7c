<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Catalogue;

use IronLatch\Core\Board\Cable;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\EfficiencyPoint;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\ProtectionKind;
use IronLatch\Core\Catalogue\Regulation;
use IronLatch\Core\Catalogue\RegulatorKind;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RegulationTest extends TestCase
{
    public function testALinearRegulatorFollowsItsInputDown(): void
    {
        $reg = TestBoards::part('ldo-1117-3v3', Converter::class)->regulation;
        self::assertSame(3.3, $reg->outputAt(5.0, 0.8, true));
        self::assertEqualsWithDelta(4.0 - 1.3, $reg->outputAt(4.0, 0.8, true), 1e-9);
        self::assertEqualsWithDelta(4.0 - 1.0, $reg->outputAt(4.0, 0.0, true), 1e-9, 'At no load it wants the least.');
        self::assertEqualsWithDelta(1.05, $reg->dropOutAt(0.4, false), 1e-9, 'Half way between 1.0 V and 1.1 V.');
    }

    /** By hand: 1 A at 3.0 V and 82 % are 2.46 W, 478 mA at 5.15 V; at 4.5 V the rating of 500 mA holds. */
    public function testAStepUpGivesLessFromALowInput(): void
    {
        $reg = TestBoards::part('boost-5v', Converter::class)->regulation;
        self::assertEqualsWithDelta(1.0 * 3.0 * 0.82 / 5.15, $reg->ratedAmpsAt(3.0), 1e-9);
        self::assertEqualsWithDelta(1.0 * 1.8 * 0.82 / 5.15, $reg->ratedAmpsAt(1.8), 1e-9);
        self::assertSame(0.5, $reg->ratedAmpsAt(4.5));
        self::assertSame(
            2.0,
            TestBoards::part('buck-5v-2a', Converter::class)->regulation->ratedAmpsAt(7.0),
            'What steps down is limited at its output.',
        );
    }

    public function testAStepUpWorksOrDoesNot(): void
    {
        $reg = TestBoards::part('boost-12v', Converter::class)->regulation;
        self::assertSame([12.0, 0.0], [$reg->outputAt(5.0, 0.3, true), $reg->outputAt(2.9, 0.3, true)]);
        // 0.3 A at 12 V and 88 % from 5 V: 0.82 A and its own 8 mA.
        self::assertEqualsWithDelta(0.3 * 12 / 0.88 / 5 + 0.008, $reg->inputAmps(0.3, 12.0, 5.0, false), 1e-9);
    }

    /**
     * @return iterable<string, array{\Closure(): object}>
     */
    public static function impossible(): iterable
    {
        $output = Spread::exactly(5.0);
        yield 'switching without a curve' => [static fn(): object => new Regulation(
            RegulatorKind::StepDown,
            $output,
            7.0,
            20.0,
            Spread::exactly(1.0),
            1.0,
            Spread::exactly(0.0),
        )];
        yield 'linear with a curve' => [static fn(): object => new Regulation(
            RegulatorKind::Linear,
            $output,
            7.0,
            20.0,
            Spread::exactly(1.0),
            1.0,
            Spread::exactly(0.0),
            [new EfficiencyPoint(0.1, 0.8)],
        )];
        yield 'no input range' => [static fn(): object => new Regulation(
            RegulatorKind::Linear,
            $output,
            20.0,
            7.0,
            Spread::exactly(1.0),
            1.0,
            Spread::exactly(0.0),
        )];
        yield 'more than everything' => [static fn(): object => new EfficiencyPoint(0.1, 1.2)];
        yield 'cable of nothing' => [static fn(): object => new Cable(1.0, 0.0)];
        yield 'limit below the rating' => [static fn(): object => new Supply(
            new PartIdentity('x', 1, 'X', Basis::CommonPractice, 'test'),
            SupplyForm::Adapter,
            $output,
            1.0,
            0.5,
        )];
        yield 'clamp without a voltage' => [static fn(): object => new Protection(
            new PartIdentity('x', 1, 'X', Basis::CommonPractice, 'test'),
            ProtectionKind::SurgeClamp,
            0.0,
            Spread::exactly(0.0),
            Spread::exactly(0.0),
        )];
        yield 'peak below the steady current' => [static fn(): object => new Device(
            new PartIdentity('x', 1, 'X', Basis::CommonPractice, 'test'),
            $output,
            Spread::exactly(0.1),
            0.05,
        )];
    }

    /**
     * @param \Closure(): object $make
     */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefused(\Closure $make): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $make();
    }
}
