<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitDebounce;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Pins\Source;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Debounce capacitor that holds a strap low at power-up. */
final class DebounceOnStrap implements Rule
{
    private const NEVER_SECONDS = 1e3;
    /** Of ceramic capacitors: ±20 %. */
    private const SPREAD = 1.2;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.debounce-on-strap',
            version: 1,
            title: 'Debounce capacitor that holds a strap low at power-up',
            severities: [Severity::Broken, Severity::Weak, Severity::Hint],
            reason: 'An empty capacitor is a short circuit. It keeps its pin low until the pull-up has filled it, and that is when reset '
                . 'reads the pin.',
            threshold: 'time of reset over the time until the pin is high, R · C · ln(1 ÷ (1 − V_IH ÷ V_DD)): under 1 at typical '
                . 'values broken, at the weakest pull and +' . QuantityPrinter::rounded(100 * (self::SPREAD - 1), Unit::Percent)
                . ' weak; a strap that only harms comfort is a hint',
            basis: Basis::DataSheet,
            source: 'RC charging; length of reset from the chip’s part file, from memory',
            silentWhen: 'reset does not read the pin, or wants it low',
        );
    }

    /** In one piece: one judgement after the other on one node. */
    public function inspect(Inspection $inspection): iterable
    {
        $reset = $inspection->controller->chip->phaseSeconds(BootPhase::Reset);
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            $farads = $function->debounceFarads;
            $strap = $pin->chip->strap;
            if (null === $farads || null === $strap || Level::High !== $strap->needs || null !== $pin->expander) {
                continue;
            }
            $pulls = null === $function->pull ? [] : [$function->pull];
            $state = $pin->chip->bootFact(BootPhase::Reset)->state ?? PinState::Floating;
            $ratio = $pin->silicon->electrics->inputHighRatio;
            $figure = static function (?Level $towards, float $farads, string $corner) use ($pin, $state, $pulls, $ratio, $reset): Figure {
                $source = Source::at($pin, $state, $pulls, $towards);
                // Nothing pulls it up: it is never high.
                $seconds = null === $source || $source->volts <= $ratio * $pin->silicon->electrics->supply->min
                    ? self::NEVER_SECONDS
                    : $source->ohms * $farads * -log(1 - $ratio);

                return (new Figure(
                    'reset over the time the pin is low',
                    $reset / $seconds,
                    Unit::Ratio,
                    't_reset ÷ (R · C · ln(1 ÷ (1 − V_IH ÷ V_DD)))',
                    [
                        't_reset = ' . QuantityPrinter::rounded($reset, Unit::Second),
                        'R = ' . QuantityPrinter::rounded($source->ohms ?? 0.0, Unit::Ohm),
                        'C = ' . QuantityPrinter::rounded($farads, Unit::Farad),
                        sprintf(
                            'V_IH = %.2f · V_DD, V_DD = %s',
                            $ratio,
                            QuantityPrinter::rounded($pin->silicon->electrics->supply->typ, Unit::Volt),
                        ),
                    ],
                    $corner,
                    'RC charging',
                ))->outOf($reset, $seconds, Unit::Second);
            };
            $margin = new Margin(
                $figure(null, $farads, 'typical values'),
                $figure(Level::Low, self::SPREAD * $farads, 'weakest pull, largest capacitor'),
            );
            if (MarginState::Sound === $margin->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $margin->state();
            $shown = $isBroken ? $margin->nominal : $margin->worst;
            $kind = match (true) {
                StrapConsequence::Harmless === $strap->consequence => Severity::Hint,
                $isBroken && StrapConsequence::WontRun === $strap->consequence => Severity::Broken,
                default => Severity::Weak,
            };
            yield new Finding(
                $this->facts(),
                $kind,
                $id,
                sprintf(
                    'The capacitor of %s on “%s” keeps %s low for %s after power-up%s; reset reads it after %s: %s.',
                    QuantityPrinter::rounded($farads, Unit::Farad),
                    $function->name,
                    $pin->bothNames(),
                    $shown->needs(),
                    $isBroken ? '' : ' at the worst corner',
                    $shown->has(),
                    $strap->otherwise,
                ),
                [$shown, $isBroken ? $margin->worst : $margin->nominal],
                static fn(): array => [
                    new Remedy('Take the capacitor away and debounce in the program', new FitDebounce($id, 0.0)),
                    ...Repairs::of($inspection)->moveToBestPin($id),
                ],
            );
        }
    }
}
