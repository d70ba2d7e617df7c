<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The currents of all outputs at once, summed over each chip and each of its port groups. */
final readonly class PinCurrents
{
    /** A sum below this is nothing to a chip. */
    private const NOTHING_AMPS = 1e-9;

    /**
     * @param list<PinCurrent> $sums only where the maker states a limit and anything flows
     */
    private function __construct(public array $sums) {}

    public static function of(Board $board, DriverAnalysis $drive): self
    {
        /** @var array<string, array{limit: float, subject: string, of: string, typical: float, greatest: float, pins: int}> $sums */
        $sums = [];
        $chip = $board->controller()->chip;
        foreach ($board->seats as $function => $seat) {
            $pin = $board->controller()->pins[$seat->pin];
            [$typical, $greatest, $sources] = self::amps($board, $drive, $function, $pin);
            if ($greatest < self::NOTHING_AMPS) {
                continue;
            }
            $limits = [];
            if (null !== $pin->silicon->electrics->greatestTotalAmps) {
                $limits['all of ' . ($pin->expander ?? '')] = [
                    $pin->silicon->electrics->greatestTotalAmps,
                    'all pins of the '
                        . (null === $pin->expander ? $chip->identity->name : $board->expanders[$pin->expander]->name)
                        . ' together',
                ];
            }
            foreach ($chip->portGroups as $group) {
                $limit = $sources ? $group->sourceAmps : $group->sinkAmps;
                if (null !== $limit && null === $pin->expander && $group->name === $pin->chip->group($sources)) {
                    $limits[$group->name . ($sources ? ' source' : ' sink')] = [
                        $limit,
                        sprintf('what %s %s together', $group->name, $sources ? 'give' : 'take in'),
                    ];
                }
            }
            foreach ($limits as $key => [$limit, $of]) {
                $sums[$key] ??= [
                    'limit' => $limit,
                    'subject' => $pin->expander ?? 'board',
                    'of' => $of,
                    'typical' => 0.0,
                    'greatest' => 0.0,
                    'pins' => 0,
                ];
                $sums[$key]['typical'] += $typical;
                $sums[$key]['greatest'] += $greatest;
                ++$sums[$key]['pins'];
            }
        }

        return new self(array_values(array_map(static function (array $sum): PinCurrent {
            $figure = static fn(float $amps, string $corner): Figure => (new Figure(
                'permitted over summed pin current',
                $sum['limit'] / max($amps, self::NOTHING_AMPS),
                Unit::Ratio,
                'I_permitted ÷ Σ I_pin',
                [
                    sprintf('I_permitted = %s', QuantityPrinter::rounded($sum['limit'], Unit::Ampere)),
                    sprintf('Σ I_pin = %s, %d outputs on at once', QuantityPrinter::rounded($amps, Unit::Ampere), $sum['pins']),
                ],
                $corner,
                'absolute maximum of the chip, from its part file',
            ))->outOf($sum['limit'], $amps, Unit::Ampere);

            return new PinCurrent(
                $sum['subject'],
                $sum['of'],
                new Margin(
                    $figure($sum['typical'], 'all outputs on, typical values'),
                    $figure($sum['greatest'], 'all outputs on, each at its greatest'),
                ),
            );
        }, $sums)));
    }

    /**
     * @return array{float, float, bool} typical and greatest current of an output while it is on, and whether the pin gives it
     */
    private static function amps(Board $board, DriverAnalysis $drive, string $function, Pin $pin): array
    {
        $owner = $board->actuatorOf($function);
        if (null !== $owner) {
            $result = $drive->results[$owner];

            return [
                $result->typicalPinAmps,
                $result->pinAmps->value,
                Level::High === $board->actuator($owner)->driver->inherentActiveLevel(),
            ];
        }
        $lamp = $board->functions[$function]->lamp;
        $circuit = null === $lamp ? null : LampCircuit::of($board, $lamp, $pin);
        if (null !== $circuit) {
            return [$circuit->amps->typ, $circuit->amps->max, null === $lamp->rail];
        }
        $load = JunctionLoad::of($board->functions[$function]);
        $supply = $pin->silicon->electrics->supply;

        return null === $load ? [0.0, 0.0, true] : [$load->amps($supply->typ), $load->amps($supply->max), true];
    }
}
