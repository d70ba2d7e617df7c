<?php

declare(strict_types=1);

namespace IronLatch\Demo;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\CommissioningStep;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Note;
use IronLatch\Core\Log\Order;
use IronLatch\Core\Log\Outcome;
use IronLatch\Core\Log\Phase;
use IronLatch\Core\Log\StepReading;
use IronLatch\Core\Log\Tool;
use IronLatch\Core\Log\Walk;
use IronLatch\Core\Log\WayIntoUse;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;

/** The invented log of the Utility room board: three copies, one in use, one given away after a joint was mended, one on the bench. */
final class DemoLogs
{
    /** How the three copies differ from the typical one, as a share of the way to the limit. */
    private const DIFFERENCES = [0.15, -0.1, 0.3];

    public static function utilityRoom(Board $board): Log
    {
        $inspection = new Inspection($board);
        $way = WayIntoUse::of($inspection, Inspector::withRuleBook()->inspect($inspection));
        $copy = static fn(string $serial, CopyState $state, string $secrets, string $place, string $holder, ?float $hours): BoardCopy
            => new BoardCopy(
                $serial,
                1,
                BuildForm::CarrierBoard,
                'Utility room board, revision 1',
                $secrets,
                $place,
                $state,
                $holder,
                '2026-02-21',
                $hours,
            );
        $first = self::walked($copy('UR-001', CopyState::InUse, 'set 1', 'utility room', '', 21_600.0), $way, 0, Phase::Load);
        $second = $copy('UR-002', CopyState::GivenAway, 'set 2', '', 'a neighbour', 25_200.0);
        $coil = array_values(array_filter($way->steps, static fn(CommissioningStep $step): bool => 'coil:A3' === $step->key))[0];
        $second = $way->walk($second, '2026-02-28')->with(Walk::measured($coil, '3.1 V', '2026-02-28', 'R. Alder', 'cold joint at Q31'));
        $second = self::walked($second, $way, 1, Phase::Load);
        $third = self::walked($copy('UR-003', CopyState::Building, 'set 3', 'workbench', '', null), $way, 2, Phase::Continuity);

        return (new Log())
            ->withOrder(new Order('carrier boards, two layers', 5, 'a board workshop', '2026-02-01', '2026-02-15', '2026-02-18', 41.5, 1))
            ->withOrder(new Order('relays, modules, terminals', 3, 'a parts shop', '2026-02-03', '2026-02-08', '2026-02-07', 186.2, 1))
            ->withOrder(new Order('sealed box 240 × 190 × 90', 1, 'a parts shop', '2026-03-10', '2026-03-20', '2026-03-24', 31.0, 1))
            ->withOrder(new Order('current meter clamps', 3, euros: 24.0))
            ->withCopy($first)
            ->withCopy($second)
            ->withCopy($third)
            ->withNote(new Note('The label of X42 is hidden by the lid: put it on the side.', 'B1', '2026-03-01'));
    }

    /**
     * @param Phase $last as far as it has come
     */
    private static function walked(BoardCopy $copy, WayIntoUse $way, int $which, Phase $last): BoardCopy
    {
        $phases = Phase::cases();
        foreach ($way->steps as $step) {
            if (array_search($step->phase, $phases, true) > array_search($last, $phases, true)) {
                break;
            }
            $walk = $way->walk($copy, '2026-02-28');
            $copy = match (true) {
                null !== $step->holdPoint => $walk->verified($step, 'R. Alder', '2026-03-01'),
                null === ($text = self::read($step, $which)) => $walk->with(
                    new StepReading($step->key, Outcome::AsItShould, '', '2026-02-28', Tool::Competent === $step->tool ? 'R. Alder' : ''),
                ),
                default => $walk->with(Walk::measured($step, $text, '2026-02-28')),
            };
        }

        return $copy;
    }

    /** What a copy reads; null where nothing in between is likelier. */
    private static function read(CommissioningStep $step, int $which): ?string
    {
        $expected = $step->expected;
        if (null === $expected?->typical || $expected->least === $expected->most) {
            return null;
        }
        $share = self::DIFFERENCES[$which];
        $limit = $share > 0 ? $expected->most : $expected->least;

        return QuantityPrinter::rounded($expected->typical + abs($share) * ($limit - $expected->typical), $expected->unit);
    }
}
