<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\MarginState;

/** Finds a source or converter for a rail: every one of its voltage, tried on the board as it is. */
final class SupplyChoice
{
    /** How far the voltage of another source may lie from the present one. */
    private const SAME_VOLTS = 0.06;
    /** Another voltage within that changes currents by no more than this. */
    private const ABOUT = 0.9;

    /**
     * @param list<Supply> $supplies
     * @param list<Converter> $converters
     * @return list<SupplyOffer> best first: sound before weak, then by price and heat
     */
    public static function ranked(Budget $present, string $rail, array $supplies, array $converters): array
    {
        $offers = [];
        foreach (self::candidates($present->board, $rail, $supplies, $converters) as [$name, $edit, $price, $isPresent]) {
            $offer = self::offer($present, $rail, $name, $edit, $price, $isPresent);
            $offers = null === $offer ? $offers : [...$offers, $offer];
        }
        $rank = static fn(SupplyOffer $one): array => [match ($one->state) {
            MarginState::Sound => 0,
            MarginState::Weak => 1,
            MarginState::Broken => 2,
        }, count($one->reasons), $one->price, $one->watts];
        usort($offers, static fn(SupplyOffer $a, SupplyOffer $b): int => $rank($a) <=> $rank($b));

        return $offers;
    }

    /**
     * The cheapest that is sound, other than the present one; null when none is.
     *
     * @param list<Supply> $supplies
     * @param list<Converter> $converters
     */
    public static function best(Budget $present, string $rail, array $supplies, array $converters): ?SupplyOffer
    {
        $candidates = self::candidates($present->board, $rail, $supplies, $converters);
        // A source that leaves no question open comes before one whose plug or ground is still to be stated.
        usort($candidates, static fn(array $a, array $b): int => [$a[4], $a[2]] <=> [$b[4], $b[2]]);
        foreach ($candidates as [$name, $edit, $price, $isPresent]) {
            // What is rated for less than is drawn needs no closer look.
            $isTooSmall = $edit instanceof ChooseSupply && $edit->supply->ratedAmpsAt(Budget::airAt($present->board, $edit->supply)) < max(
                $present->rails[$rail]->peak->value,
                $present->rails[$rail]->continuous->value / $present->board->houseRules->supplyLoad,
            ) * self::ABOUT;
            $offer = $isPresent || $isTooSmall ? null : self::offer($present, $rail, $name, $edit, $price, false);
            if (MarginState::Sound === $offer?->state) {
                return $offer;
            }
        }

        return null;
    }

    /**
     * Everything that could feed a rail, tried or not.
     *
     * @param list<Supply> $supplies
     * @param list<Converter> $converters
     * @return list<array{string, ChooseSupply|ConvertRail, float, bool, int}> name, edit, price, whether it is the present one, how many
     *     questions it leaves open
     */
    private static function candidates(Board $board, string $rail, array $supplies, array $converters): array
    {
        $volts = $board->railVolts($rail)->typ;
        $present = $board->rails[$rail];
        $candidates = [];
        foreach ($supplies as $supply) {
            if (abs($supply->output->typ - $volts) <= self::SAME_VOLTS * $volts) {
                $isPresent = $present->supply === $supply->identity->id;
                $candidates[] = [
                    $supply->identity->name,
                    new ChooseSupply($rail, $supply, $isPresent && $present->throughUsb),
                    $supply->price,
                    $isPresent,
                    SupplyForm::EncapsulatedModule === $supply->form ? 0 : 1,
                ];
            }
        }
        foreach ($converters as $converter) {
            foreach (array_keys($board->rails) as $from) {
                $in = $board->railVolts($from);
                $reg = $converter->regulation;
                if (
                    $from !== $rail
                    && abs($reg->output->typ - $volts) <= self::SAME_VOLTS * $volts
                    && $in->max <= $reg->greatestInputVolts
                    && $in->min >= $reg->leastInputVolts
                ) {
                    $candidates[] = [
                        sprintf('%s on %s', $converter->identity->name, $board->rails[$from]->name),
                        new ConvertRail($rail, $converter, $from),
                        $converter->price,
                        $present->supply === $converter->identity->id && $present->from === $from,
                        $reg->bringsCapacitors ? 0 : 1,
                    ];
                }
            }
        }

        return $candidates;
    }

    /** In one piece: one judgement after the other, each of which ends it. */
    private static function offer(Budget $present, string $rail, string $name, Edit $edit, float $price, bool $isPresent): ?SupplyOffer
    {
        $board = $present->board;
        try {
            $after = $isPresent ? $board : $edit->apply($board);
        } catch (EditRefused) {
            return null;
        }
        // Circuits change only where the voltage of the rail does.
        $budget = $isPresent ? $present : Budget::of(
            $after,
            $after->railVolts($rail) === $board->railVolts($rail) ? $present->drive : DriverAnalysis::of($after),
        );
        $feeder = $after->feeder($rail);
        $rated = $budget->rails[$rail]->rated->value;
        $share = $budget->rails[$rail]->continuous->value / max($rated, 1e-9);
        $peak = $budget->rails[$rail]->peak->value / max($rated, 1e-9);
        $dip = $budget->dips[$rail];
        $spot = $budget->heat->at($rail);
        $states = [
            'it dips too low' => $dip->margin?->state() ?? MarginState::Sound,
            'it gets too hot' => $spot?->margin?->state() ?? MarginState::Sound,
        ];
        $states['its input does not suit it'] = null !== ($budget->headrooms[$rail] ?? null)?->tooHigh
            ? MarginState::Broken
            : ($budget->headrooms[$rail] ?? null)?->margin->state() ?? MarginState::Sound;
        // What it takes from the rail before it must not bring that one down.
        $from = $after->rails[$rail]->from;
        $states['the rail before it does not carry it'] = null !== $from
            && !$isPresent
            && $budget->rails[$from]->continuous->value > $board->houseRules->supplyLoad * $budget->rails[$from]->rated->value
            ? MarginState::Weak
            : MarginState::Sound;
        $states['its peak is beyond its rating'] = $peak > 1 ? MarginState::Broken : MarginState::Sound;
        $states['it is loaded beyond the house rule'] = $share > $board->houseRules->supplyLoad && $peak <= 1
            ? MarginState::Weak
            : MarginState::Sound;
        if ($feeder instanceof Supply) {
            $states['a block battery is soon empty'] = SupplyForm::BlockBattery === $feeder->form
                ? MarginState::Broken
                : MarginState::Sound;
            $states['it switches itself off at idle'] = null !== $feeder->cutOffAmps
                && $budget->rails[$rail]->idle->value < $feeder->cutOffAmps
                ? MarginState::Weak
                : MarginState::Sound;
            $reservoir = $after->rails[$rail]->reservoir()->value;
            $states['it cannot start into the capacitance'] = is_float($reservoir) && $reservoir > ($feeder->greatestFarads ?? INF)
                ? MarginState::Weak
                : MarginState::Sound;
        }
        $against = array_filter($states, static fn(MarginState $state): bool => MarginState::Sound !== $state);

        return new SupplyOffer(
            $name,
            $edit,
            $rated,
            $share,
            $peak,
            $dip->margin?->worst->value,
            $spot?->watts->value ?? 0.0,
            $price,
            $feeder instanceof Supply || $feeder instanceof Converter ? $feeder->size : null,
            self::relays($after, $budget, $rail),
            in_array(MarginState::Broken, $against, true)
                ? MarginState::Broken
                : ([] === $against ? MarginState::Sound : MarginState::Weak),
            array_keys($against),
            $isPresent,
        );
    }

    /**
     * How many of the board’s usual relays a rail carries in all, beside what is no relay on it; null where none of its voltage is
     * usual.
     */
    private static function relays(Board $board, Budget $budget, string $rail): ?int
    {
        $relay = $board->part($board->defaults->relay, Relay::class);
        if (!$relay->suitsRail($board->railVolts($rail)->typ)) {
            return null;
        }
        $one = $board->railVolts($rail)->max / $relay->coilResistance->min;
        if ($board->mcu->rail === $rail) {
            $one += Circuits::result(
                $board,
                Actuator::usual('none', $board->defaults->relay, $board->defaults->driver, $rail),
            )->pinAmps->value;
        }
        $rated = $budget->rails[$rail]->rated->value;
        $now = self::relayAmps($budget, $rail);
        $rest = $budget->rails[$rail]->continuous->value - $now;
        $restAtPeak = $budget->rails[$rail]->peak->value - $now;

        return max(0, (int) floor(min(($board->houseRules->supplyLoad * $rated - $rest) / $one, ($rated - $restAtPeak) / $one)));
    }

    private static function relayAmps(Budget $budget, string $rail): float
    {
        $amps = 0.0;
        foreach ($budget->flows->items($rail, Scenario::allOn()) as $item) {
            $amps += DrawKind::Coil === $item->kind ? $item->amps->greatest : 0.0;
        }
        if ($budget->board->mcu->rail === $rail) {
            foreach ($budget->flows->items(Draws::PINS, Scenario::allOn()) as $item) {
                $amps += DrawKind::DriverInput === $item->kind ? $item->amps->greatest : 0.0;
            }
        }

        return $amps;
    }
}
