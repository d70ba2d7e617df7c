<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What a contact may carry for good of one kind of load: its own approval, what closing leaves of it, the house rule, warm air. */
final readonly class ContactUsable
{
    /** Air up to which contacts carry their rating, where the maker states nothing (from memory). */
    private const USUAL_CELSIUS = 70.0;
    /** So much above that they carry nothing any more (from memory). */
    private const FADES_OVER_KELVIN = 35.0;

    /**
     * @param float $ratedAmps resistive, of the contact in use
     * @param float $amps what may be used of it
     * @param list<string> $because what decides it
     */
    private function __construct(public float $ratedAmps, public float $amps, public array $because) {}

    /**
     * Closing is judged by what the maker states for it, and by the share for the kind of load where he states nothing; never by both.
     *
     * @param bool $breaks whether it is a contact, in which an arc must go out
     * @param float $share of the house rules
     */
    public static function of(
        Relay $relay,
        LoadKind $load,
        bool $isDc,
        bool $breaks,
        ContactUse $use,
        float $share,
        float $airCelsius,
    ): self {
        $rated = $isDc ? $relay->contactDcAmps : $relay->acAmps(ContactUse::NormallyClosed === $use);
        $full = $relay->contactCelsius ?? self::USUAL_CELSIUS;
        $air = max(0.0, min(1.0, 1 - ($airCelsius - $full) / self::FADES_OVER_KELVIN));
        $because = $air < 1 ? [sprintf(
            '%d %% in air of %s',
            (int) round($air * 100),
            QuantityPrinter::rounded($airCelsius, Unit::Celsius),
        )] : [];
        $isMotor = LoadKind::InductionMotor === $load || LoadKind::UniversalMotor === $load;
        if (!$breaks) {
            // A driver that switches the load itself has no arc and no contact to weld.
            $share = LoadKind::DcInductive === $load ? 1.0 : ContactShare::of($load);

            return new self($rated, $share * $rated, [...$because, self::percent($share, 'for ' . $load->value)]);
        }
        if ($isMotor && null !== $relay->contactMotorAmps) {
            return new self(
                $rated,
                $air * min($share * $rated, $relay->contactMotorAmps),
                [...$because, 'motor rating ' . QuantityPrinter::rounded($relay->contactMotorAmps, Unit::Ampere)],
            );
        }
        if (null !== $relay->contactPeakAmps && $load->greatestInrush() > 1) {
            $closing = $relay->contactPeakAmps / $load->greatestInrush();

            return new self(
                $rated,
                $air * min($share * $rated, $closing),
                [
                    ...$because,
                    sprintf(
                        'bears %s for a moment, and %s starts with %g times its current',
                        QuantityPrinter::rounded($relay->contactPeakAmps, Unit::Ampere),
                        $load->value,
                        $load->greatestInrush(),
                    ),
                ],
            );
        }
        $ofKind = min($share, ContactShare::of($load));

        return new self(
            $rated,
            $air * $ofKind * $rated,
            [...$because, $ofKind < $share ? self::percent($ofKind, 'for ' . $load->value) : self::percent($share, 'used for good')],
        );
    }

    private static function percent(float $share, string $for): string
    {
        return sprintf('share %s: %d %%', $for, (int) round($share * 100));
    }
}
