<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Push-on jumper that carries too much. */
final class JumperOverloaded implements Rule
{
    private const BEARS_AMPS = 1.0;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.jumper',
            version: 1,
            title: 'Jumper that carries more than it bears',
            severities: [Severity::Weak],
            reason: 'A push-on contact warms and works loose above about one ampere.',
            threshold: 'coil currents of all relays on one module, which one jumper feeds, at the highest voltage and the least '
                . 'resistance, against 1 A',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'it is not hand-wired',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $seen = [];
        foreach (BuildForm::HandWired === $board->build->form() ? $board->actuators() : [] as $id => $actuator) {
            $package = $actuator->packageKey($id);
            if (!$actuator->driver->isReadyMade() || null === $package || isset($seen[$package])) {
                continue;
            }
            $seen[$package] = true;
            $relays = array_filter($board->packageOf($id), static fn(Actuator $one): bool => null !== $one->relay);
            $amps = array_sum(array_map(static fn(Actuator $one): float => $board->railVolts($one->rail)->max
                / $board->relay($one)->coilResistance->min, $relays));
            if ($amps > self::BEARS_AMPS) {
                yield $this->finding($id, count($relays), $amps);
            }
        }
    }

    private function finding(string $relay, int $count, float $amps): Finding
    {
        return new Finding(
            $this->facts(),
            Severity::Weak,
            'module' . $relay,
            sprintf(
                'One jumper feeds a module whose %d coils draw %s; push-on contacts bear about 1 A.',
                $count,
                QuantityPrinter::rounded($amps, Unit::Ampere),
            ),
            [new Figure(
                'what it bears over what it carries',
                self::BEARS_AMPS / $amps,
                Unit::Ratio,
                'I_max ÷ I',
                ['I_max = 1 A', sprintf('I = %s, %d coils', QuantityPrinter::rounded($amps, Unit::Ampere), $count)],
                'all relays on',
                'common practice',
            )],
            static fn(): array => [new Remedy('Build it on a perforated board', new StateBuild(form: BuildForm::Perforated))],
        );
    }
}
