<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The contact of every line against the appliance behind it. */
final readonly class LivePath
{
    private const SOURCE = 'contact ratings of the relay’s part file; shares by kind of load: common practice, from memory';

    /**
     * @param array<string, ContactLoad> $contacts by relay id
     */
    private function __construct(public array $contacts) {}

    public static function of(Board $board): self
    {
        $contacts = [];
        foreach ($board->lines as $line) {
            foreach ($line->actuators as $id => $actuator) {
                // A second winding has no contact of its own; it is listed with that of the first.
                $contacts[$id] = self::contact($board, $line, $board->relay($actuator), null !== $actuator->relay);
            }
        }

        return new self($contacts);
    }

    /**
     * The contact of one relay in a line; the relay need not be the line’s own.
     *
     * @param bool $breaks whether it is a contact, in which an arc must go out
     */
    public static function contact(Board $board, Line $line, Relay $relay, bool $breaks = true): ContactLoad
    {
        $appliance = $board->appliance($line);
        $watts = is_float($line->watts->value) ? $line->watts->value : $appliance->typicalWatts;
        $volts = $appliance->dcVolts ?? $board->system()->volts;
        $isDc = null !== $appliance->dcVolts;
        $amps = $watts / ($volts * ($isDc ? 1.0 : $appliance->powerFactor));
        $rating = $isDc ? $relay->contactDcAmps : $relay->contactAcAmps;
        $share = !$breaks && LoadKind::DcInductive === $appliance->load ? 1.0 : ContactShare::of($appliance->load);
        $current = new Figure(
            'appliance current',
            $amps,
            Unit::Ampere,
            $isDc ? 'P ÷ U' : 'P ÷ (U · cos φ)',
            ['P = ' . QuantityPrinter::rounded($watts, Unit::Watt) . ' (' . $line->watts->knowledge->value . ')', 'U = ' . QuantityPrinter::rounded($volts, Unit::Volt), 'cos φ = ' . QuantityPrinter::rounded($appliance->powerFactor, Unit::Ratio)],
            'rated power',
            'definition of active power',
        );
        $inputs = ['contact ' . QuantityPrinter::rounded($rating, Unit::Ampere) . ($isDc ? ' DC' : ' AC'), 'appliance ' . $current->printed(), sprintf('share for %s: %d %%', $appliance->load->value, (int) round($share * 100))];

        return new ContactLoad(
            $current,
            new Margin(
                new Figure('contact rating over current', $rating / $amps, Unit::Ratio, 'I_contact ÷ I', $inputs, 'plain resistive rating', self::SOURCE),
                new Figure('usable contact rating over current', $share * $rating / $amps, Unit::Ratio, 'share · I_contact ÷ I', $inputs, 'with the share for this kind of load', self::SOURCE),
            ),
            $isDc ? self::volts($relay->contactDcVolts, $volts) : self::volts($relay->contactAcVolts, $volts),
        );
    }

    private static function volts(float $rated, float $actual): Margin
    {
        $figure = new Figure('contact voltage rating over voltage', $rated / $actual, Unit::Ratio, 'U_contact ÷ U', ['contact ' . QuantityPrinter::rounded($rated, Unit::Volt), 'appliance ' . QuantityPrinter::rounded($actual, Unit::Volt)], 'nominal voltage', self::SOURCE);

        return new Margin($figure, $figure);
    }
}
