<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\SetStateSense;
use IronLatch\Core\Board\Edit\Lines\StopSensing;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class SensingTest extends TestCase
{
    public function testAnInputComesWithItAndGoesWithIt(): void
    {
        $heard = $this->heard();
        self::assertSame([FunctionKind::StateSense, 'Airer state'], [$heard->functions['F6']->kind, $heard->functions['F6']->name]);
        foreach ([new StopSensing('L2'), new RemoveFunction('F6'), new RemoveLine('L2')] as $edit) {
            $after = $edit->apply($heard);
            self::assertArrayNotHasKey('F6', $after->functions);
            self::assertNull(($after->lines['L2'] ?? null)?->sense);
        }
        self::assertSame(FunctionKind::CurrentSense, (new SenseState('L1'))->apply(TestBoards::sound())->functions['F6']->kind);
    }

    public function testTheResistorsFollowTheMains(): void
    {
        $at120 = TestBoards::edited(TestBoards::sound(), new ChooseMains(TestBoards::part('mains-120', MainsSystem::class)));
        self::assertSame(44e3, (new SenseState('L2', self::coupler()))->apply($at120)->lines['L2']->sense?->seriesOhms, '2 × 22 kΩ');
        self::assertSame(94e3, $this->heard()->lines['L2']->sense?->seriesOhms, '2 × 47 kΩ');
    }

    public function testTheProgramIsToldWhenToCryWeld(): void
    {
        $names = [];
        foreach (Constants::of(new Inspection($this->heard())) as $constant) {
            $names[$constant->name] = $constant->value;
        }
        self::assertSame(1000, $names['AIRER_WELD_ALARM_MS'] ?? null);
        self::assertArrayNotHasKey('LAMP_WELD_ALARM_MS', $names);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        $heard = $this->heard();
        $valve = TestBoards::part('shut-off-valve', Appliance::class);
        $this->refused('hears its state already', static fn(): Board => (new SenseState('L2'))->apply($heard));
        $this->refused('does not hear its state', static fn(): Board => (new StopSensing('L1'))->apply($heard));
        $this->refused('does not hear its state', static fn(): Board => (new SetStateSense('L1', turns: 500))->apply($heard));
        $this->refused('Nothing was set', static fn(): Board => (new SetStateSense('L2'))->apply($heard));
        $this->refused('before it leaves the mains', static fn(): Board => (new ChooseAppliance('L2', $valve))->apply($heard));
        $low = (new ChooseAppliance('L1', $valve))->apply($heard);
        $this->refused('does not run from the mains', static fn(): Board => (new SenseState('L1'))->apply($low));
        $this->refused('', static fn(): Board => (new AddFunction(FunctionKind::StateSense, 'By hand'))->apply($heard));
        foreach ([0, 11] as $resistors) {
            try {
                (new SetStateSense('L2', resistors: $resistors))->apply($heard);
                self::fail((string) $resistors);
            } catch (\InvalidArgumentException $refused) {
                self::assertStringContainsString('Between 1 and 10 resistors', $refused->getMessage());
            }
        }
    }

    private function heard(): Board
    {
        return (new SenseState('L2', self::coupler()))->apply(TestBoards::sound());
    }

    private static function coupler(): OptoCoupler
    {
        return TestBoards::part('pc817', OptoCoupler::class);
    }

    /**
     * @param \Closure(): Board $make
     */
    private function refused(string $words, \Closure $make): void
    {
        try {
            $make();
            self::fail($words);
        } catch (EditRefused $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }
}
